<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Signature;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Offer\Estimate;
use KindHeel\Core\Offer\Labour;
use KindHeel\Core\Offer\Material;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Something more that was found while working: told with its price, and answered. */
final readonly class Supplements
{
    public function __construct(
        private EntityManagerInterface $entities,
        private CurrentPrices $prices,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    public function tell(int $id, SupplementInput $input, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $terms = $this->prices->terms();
        $sum = Estimate::of(
            [new Labour($input->what, BigDecimal::of($input->minutes), BigDecimal::zero(), $terms->rateOf(KindOfWork::Mending, []))],
            0 === $input->materialCents
                ? []
                : [new Material($input->what, BigDecimal::one(), BigDecimal::one(), BigDecimal::ofUnscaledValue($input->materialCents, 2))],
            $terms->supplementTerms($piece->ticket()->isRush()),
        )->sum;
        $ready = null === $input->readyOn ? null : new \DateTimeImmutable($input->readyOn);
        $more = new Supplement($piece, trim($input->what), $input->minutes, Ways::cents($sum->gross), $ready, $by, $this->clock->now());
        $this->entities->persist($more);
        $this->ledger->piece(
            Event::Supplement,
            $piece,
            $by,
            \sprintf('Found beside: %s; %s. The owner is to be asked.', $more->what(), LineView::money($more->grossCents(), $terms->currency)),
        );
    }

    /** @throws FieldError when what was drawn is no signature */
    public function answer(int $id, AnswerInput $input, Person $by): void
    {
        $more = $this->entities->find(Supplement::class, $id) ?? throw new NotFoundHttpException();
        if ($more->isAnswered()) {
            throw Refused::now('This has been answered already.');
        }
        $strokes = [] === $input->strokes ? [] : Signature::strokes($input->strokes);
        $more->answer($input->agreed, trim($input->by), trim($input->how), $strokes, $this->clock->now());
        $this->ledger->piece(
            Event::Supplement,
            $more->piece(),
            $by,
            \sprintf('%s has %s: %s.', trim($input->by), $input->agreed ? 'agreed to it' : 'declined it', $more->what()),
        );
    }
}
