<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Settling\SettlingHabit;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Begins to watch how a darkened place comes back, or leaves it. */
final readonly class WatchSettling
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ColourShelf $shelf,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** @throws FieldError */
    public function __invoke(int $id, SettlingInput $input, Person $by): StoredSettling
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $place = new Place($input->part, $input->half);
        $part = $piece->part($place);
        if (!SettlingHabit::isWatched($input->family)) {
            throw new FieldError('family', \sprintf('%s does not darken leather.', ucfirst(Family::of($input->family)->label)));
        }
        // The dye that was chosen from the ladder lies there, the last wash on top.
        $washes = $piece->terms()->dyes()[$input->part->value]['washes'] ?? [];
        $dye = $input->dye ?? (end($washes) ?: [])['dye'] ?? null;
        if (null !== $dye && ProductKind::Dye !== ($this->shelf->colours()[$dye] ?? null)?->kind) {
            throw new FieldError('dye', 'There is no such dye on the shelf.');
        }
        $laidAt = $this->clock->now()->modify('-'.$input->minutesAgo.' minutes');
        $before = $this->before($piece, $place, $laidAt, $input->before);
        $settling = new StoredSettling($piece, $place, $part->material, $input->family, $dye, $before, $laidAt, $by);
        $this->entities->persist($settling);
        $this->ledger->piece(Event::Noted, $piece, $by, \sprintf(
            'The %s is watched while %s settles.',
            $place->label(),
            Family::of($input->family)->label,
        ));

        return $settling;
    }

    public function leave(int $id, Person $by): int
    {
        $settling = $this->entities->find(StoredSettling::class, $id) ?? throw new NotFoundHttpException();
        $this->entities->remove($settling);
        $this->ledger->piece(Event::Noted, $settling->piece(), $by, \sprintf('The %s is watched no longer.', $settling->place()->label()));

        return $settling->piece()->id();
    }

    /** The reading that is named; else the last of a sound place there before it was laid, or of the other half. */
    private function before(StoredPiece $piece, Place $place, \DateTimeImmutable $laidAt, ?int $named): Reading
    {
        if (null !== $named) {
            $reading = $this->entities->find(Reading::class, $named);

            return $reading?->piece() === $piece ? $reading : throw new FieldError('before', 'That colour has not been read on this piece.');
        }
        $found = null;
        foreach ($this->entities->getRepository(Reading::class)->findBy(['piece' => $piece], ['at' => 'ASC', 'id' => 'ASC']) as $reading) {
            $here = $reading->place()->key === $place->key;
            $there = Half::Whole !== $place->half && $reading->place()->key === $place->fellow()->key;
            if (!\in_array($reading->spot(), [ReadSpot::Sound, ReadSpot::Damage], true) || !$here && !$there || $here && $reading->at() > $laidAt) {
                continue;
            }
            if ($here || $found?->place()->key !== $place->key) {
                $found = $reading;
            }
        }

        return $found ?? throw new FieldError('before', \sprintf(
            'Nothing tells what the %s looked like before: read the other half, or a place that was not treated.',
            $place->part->label(),
        ));
    }
}
