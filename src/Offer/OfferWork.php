<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Intake\UsualJob;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Serializer\SerializerInterface;

/** Lays ways before an owner, and takes the one that is chosen. */
final readonly class OfferWork
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ways $ways,
        private CurrentPrices $prices,
        private MakePlan $plan,
        private Ledger $ledger,
        private ClockInterface $clock,
        private SerializerInterface $serializer,
    ) {
    }

    /** Reckons the ways anew, by the terms that hold now. */
    public function make(int $id, OfferInput $input, Person $by): void
    {
        $piece = $this->piece($id, $input->version);
        self::mustBeOpen($piece);
        $piece->replaces($input->replaceCents);
        $stored = $this->prices->stored();
        $terms = $stored?->terms() ?? new PriceTerms();
        $meaning = $this->meaning($piece, $input->meaning);
        $jobs = [];
        foreach ([] === $terms->fixed ? [] : $this->entities->getRepository(UsualJob::class)->findBy(['id' => array_keys($terms->fixed)]) as $job) {
            $jobs[$job->id()] = $job;
        }
        $rush = $piece->ticket()->isRush();
        $ways = array_map(
            fn (Aim $aim): WayView => $this->ways->way($piece, $aim, $terms, $rush, $input->replaceCents, $meaning, $jobs),
            $piece->toCore()->agreed->aim->besides(),
        );
        $written = json_decode($this->serializer->serialize($ways, 'json'), true);
        $this->entities->persist(
            new Offer($piece, $piece->assessed(), $stored, $meaning, \is_array($written) ? $written : [], $by, $this->clock->now()),
        );
        $this->ledger->piece(Event::Offered, $piece, $by, 'Offered: '.implode(', ', array_map(
            static fn (WayView $w): string => null === $w->cannot
                ? \sprintf('%s for %s', $w->aim->label(), LineView::money($w->gross, $terms->currency))
                : $w->aim->label().' cannot be',
            $ways,
        )).'.');
    }

    /** The piece is agreed on as that way has it, and planned so; or it is left as it is. */
    public function choose(int $id, ChooseInput $input, Person $by): void
    {
        $offer = $this->entities->find(Offer::class, $id) ?? throw new NotFoundHttpException();
        $piece = $this->piece($offer->piece()->id(), $input->version);
        self::mustBeOpen($piece);
        if ($offer->isOutdated()) {
            throw Refused::stale('The piece was looked at again since this was reckoned. Reckon the ways anew first.');
        }
        if (null === $input->aim) {
            $offer->leave($this->clock->now());
            $this->ledger->piece(Event::Offered, $piece, $by, 'The owner leaves it as it is.');

            return;
        }
        $way = $this->wayOf($offer, $input->aim);
        if (null !== $way->cannot) {
            throw Refused::now($way->cannot);
        }
        $agreed = $piece->toCore()->agreed;
        if ($agreed->aim !== $way->aim) {
            $piece->agree(new Agreed($way->aim, $agreed->gloss, $agreed->patina, $agreed->newShade));
        }
        $offer->take($way, $this->clock->now());
        $this->ledger->piece(
            Event::Offered,
            $piece,
            $by,
            \sprintf('Taken: %s for %s.', $way->aim->label(), LineView::money($way->gross, $offer->terms()->currency)),
        );
        $this->plan->plan($piece, $by);
    }

    public function wayOf(Offer $offer, Aim $aim): WayView
    {
        foreach ($this->waysOf($offer) as $way) {
            if ($way->aim === $aim) {
                return $way;
            }
        }
        throw new FieldError('aim', 'That was not laid before the owner.');
    }

    /** @return list<WayView> */
    public function waysOf(Offer $offer): array
    {
        return array_values($this->serializer->deserialize((string) json_encode($offer->ways()), WayView::class.'[]', 'json'));
    }

    /** @throws Refused for what is done, collected or called off */
    private static function mustBeOpen(StoredPiece $piece): void
    {
        if ($piece->isReady() || $piece->isCollected()) {
            throw Refused::now(\sprintf('“%s” is done. What it took stands under what it really took.', $piece->name()));
        }
    }

    /** What cannot be had again is an heirloom. */
    private function meaning(StoredPiece $piece, Meaning $said): Meaning
    {
        foreach ($piece->toCore()->parts as $part) {
            if ($part->has(Flag::Irreplaceable)) {
                return Meaning::Heirloom;
            }
        }

        return $said;
    }

    private function piece(int $id, int $version): StoredPiece
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();

        return $piece->version() === $version
            ? $piece
            : throw Refused::stale('Somebody else has changed this piece meanwhile. Look at it once more.');
    }
}
