<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Signature;
use KindHeel\App\Piece\LookOver;
use KindHeel\Core\Assessment\Disclosure\Declined;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;

/** Keeps what the owner was told, word for word, under the owner's own hand. */
final readonly class Sign
{
    public function __construct(
        private EntityManagerInterface $entities,
        private LookOver $lookOver,
        private OwnerPages $pages,
        private AgreedPrice $prices,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** @throws FieldError|Refused when it is no signature, or the piece has changed since it was read out */
    public function __invoke(int $id, SignatureInput $input, Person $witness): void
    {
        $piece = $this->lookOver->piece($id, $input->version);
        $this->once($piece);
        $strokes = Signature::strokes($input->strokes);
        $page = $this->pages->of($piece);
        $told = [
            'gone' => $page->sentences(Prospect::Gone),
            'softer' => $page->sentences(Prospect::Softer),
            'stays' => $page->sentences(Prospect::Stays),
            'risks' => $page->risks,
            'declined' => array_map(static fn (Declined $d): string => $d->sentence.' This is for '.$d->to.'.', $page->declined),
        ];
        $price = $this->prices->of($piece);
        if (null !== $price) {
            $told['price'] = [$price];
        }
        $this->entities->persist(new Agreement($piece, $piece->assessed(), $told, $strokes, trim($input->signedBy), $witness, $this->clock->now()));
        $this->ledger->piece(Event::Agreed, $piece, $witness, \sprintf('%s has heard and signed what will be gone, softer and stay.', trim($input->signedBy)));
    }

    /** Two who hand in a signature at once wait for each other here. */
    private function once(StoredPiece $piece): void
    {
        $this->entities->lock($piece, LockMode::PESSIMISTIC_WRITE);
        $signed = Row::first(
            $this->entities->getConnection(),
            'SELECT signed_by FROM agreement WHERE piece_id = ? AND assessed = ? LIMIT 1 FOR UPDATE',
            [$piece->id(), $piece->assessed()],
        );
        if (null !== $signed) {
            throw Refused::stale(\sprintf('%s has signed this already.', $signed->text('signed_by')));
        }
    }
}
