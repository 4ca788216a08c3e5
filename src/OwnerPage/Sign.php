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
use KindHeel\App\Piece\LookOver;
use KindHeel\Core\Assessment\Disclosure\Declined;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;

/** Keeps what the owner was told, word for word, under the owner's own hand. */
final readonly class Sign
{
    private const MOST_POINTS = 4000;
    private const LEAST_POINTS = 8;

    public function __construct(
        private EntityManagerInterface $entities,
        private LookOver $lookOver,
        private OwnerPages $pages,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** @throws FieldError|Refused when it is no signature, or the piece has changed since it was read out */
    public function __invoke(int $id, SignatureInput $input, Person $witness): void
    {
        $piece = $this->lookOver->piece($id, $input->version);
        $this->once($piece);
        $strokes = self::strokes($input->strokes);
        $page = $this->pages->of($piece);
        $told = [
            'gone' => $page->sentences(Prospect::Gone),
            'softer' => $page->sentences(Prospect::Softer),
            'stays' => $page->sentences(Prospect::Stays),
            'risks' => $page->risks,
            'declined' => array_map(static fn (Declined $d): string => $d->sentence.' This is for '.$d->to.'.', $page->declined),
        ];
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

    /**
     * @param array<mixed> $given
     *
     * @return list<list<array{int, int}>>
     */
    private static function strokes(array $given): array
    {
        $strokes = [];
        $points = 0;
        foreach ($given as $stroke) {
            $line = [];
            foreach (\is_array($stroke) ? $stroke : [] as $point) {
                if (
                    !\is_array($point)
                    || !\is_int($point[0] ?? null)
                    || !\is_int($point[1] ?? null)
                    || $point[0] < 0
                    || $point[0] > 600
                    || $point[1] < 0
                    || $point[1] > 200
                ) {
                    throw new FieldError('strokes', 'The signature runs out of its field. Clear it, and sign once more.');
                }
                $line[] = [$point[0], $point[1]];
                ++$points;
            }
            $strokes[] = $line;
        }
        if ($points < self::LEAST_POINTS) {
            throw new FieldError('strokes', 'That is a dot, not a signature. Sign once more.');
        }
        if ($points > self::MOST_POINTS) {
            throw new FieldError('strokes', 'That is more than a signature. Clear it, and sign once more.');
        }

        return $strokes;
    }
}
