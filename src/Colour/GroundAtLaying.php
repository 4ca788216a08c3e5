<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StepDetail;
use KindHeel\App\Job\Steps;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Pot\Ground;
use KindHeel\Core\Colour\Pot\GroundChange;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** What the coats of a pot will lie on: the last reading of its parts, and what its plan does to them between that and the first coat. */
final readonly class GroundAtLaying
{
    public function __construct(private EntityManagerInterface $entities, private Steps $steps)
    {
    }

    /**
     * @return array{list<Ground>, Reading|null, list<GroundChange>} what it may lie on, the reading that speaks, and what is still to come after it;
     *                                                             no ground where nothing was read
     */
    public function of(StoredPot $pot): array
    {
        $first = $pot->groundReading();
        if (null === $first) {
            return [[], null, []];
        }
        $piece = $pot->targetReading()->piece();
        $places = array_map(static fn (Place $p): string => $p->key, $pot->places());
        $before = self::beforeTheColour($this->steps->detailsOfPiece($piece->id()), $places);
        $read = $this->readAnew($first, $places, $before);
        $changes = [];
        foreach ($before as $step) {
            $change = self::change($step);
            $doneAt = $step->step->isDone() ? $step->step->work->endedAt : null;
            if (null !== $change && (null === $doneAt || $doneAt > $read->at())) {
                $changes[$change->value] = $change;
            }
        }
        $changes = array_values($changes);

        return [Ground::ahead($read->film(), $changes, self::isDyedThrough($piece->toCore(), $pot->places())), $read, $changes];
    }

    /**
     * The steps on these places up to the first coat of their colour.
     *
     * @param list<StepDetail> $details in their order
     * @param list<string>     $places
     *
     * @return list<StepDetail>
     */
    private static function beforeTheColour(array $details, array $places): array
    {
        $before = [];
        foreach ($details as $detail) {
            if ([] === array_intersect($places, array_map(static fn (Place $p): string => $p->key, $detail->step->on))) {
                continue;
            }
            if (null !== $detail->step->family && Family::of($detail->step->family)->does(Effect::IsMixed)) {
                break;
            }
            $before[] = $detail;
        }

        return $before;
    }

    /**
     * A part that was read once more after something was done to it is as that reading has it.
     *
     * @param list<string>     $places
     * @param list<StepDetail> $before
     */
    private function readAnew(Reading $first, array $places, array $before): Reading
    {
        $done = array_filter($before, static fn (StepDetail $d): bool => null !== self::change($d) && $d->step->isDone());
        if ([] === $done) {
            return $first;
        }
        $since = max(array_map(static fn (StepDetail $d): \DateTimeImmutable => $d->step->work->endedAt ?? $first->at(), $done));
        /** @var list<Reading> $later */
        $later = $this->entities
            ->createQuery('SELECT r FROM '.Reading::class.' r WHERE r.piece = :piece AND r.spot IN (:spots) AND r.at >= :since ORDER BY r.at DESC, r.id DESC')
            ->setParameter('piece', $first->piece())
            ->setParameter('spots', [ReadSpot::Sound, ReadSpot::Damage])
            ->setParameter('since', max($since, $first->at()), 'datetime_immutable')
            ->getResult();
        foreach ($later as $reading) {
            if (\in_array($reading->place()->key, $places, true)) {
                return $reading;
            }
        }

        return $first;
    }

    private static function change(StepDetail $detail): ?GroundChange
    {
        $family = $detail->step->family;

        return match (true) {
            null === $family || $detail->step->applicator->spots() && FamilyId::Filler !== $family => null,
            Family::of($family)->does(Effect::TakesFinishDown) => GroundChange::TakenDown,
            FamilyId::Filler === $family => GroundChange::Filled,
            FamilyId::Peroxide === $family => GroundChange::Whitened,
            default => null,
        };
    }

    /** @param list<Place> $places */
    private static function isDyedThrough(Piece $piece, array $places): bool
    {
        foreach ($piece->trials as $trial) {
            if (Outcome::ColouredThrough === $trial->result->outcome && [] !== array_filter($places, $trial->tells(...))) {
                return true;
            }
        }

        return false;
    }
}
