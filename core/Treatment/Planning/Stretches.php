<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Need;

/**
 * A large piece is worked zone by zone: what would take longer than a good stretch at once is done on some of its parts, then on the others, each with the
 * waits and windows of its own (O-12).
 */
final readonly class Stretches
{
    /** As long as one works at one thing before setting it down. */
    public const LONGEST_MINUTES = 60.0;

    private function __construct(private Piece $piece, private Brief $brief)
    {
    }

    /**
     * @param list<Need> $placed in their order, bonds and all
     * @param list<Need> $done   among them, which are as they were worked
     *
     * @return list<Need> the same work in the same order
     */
    public static function of(array $placed, Brief $brief, array $done = []): array
    {
        $worked = array_flip(array_map(static fn (Need $n): string => $n->step->id, $done));
        $stretches = new self($brief->piece, $brief);
        $zones = [];
        $all = [];
        foreach ($placed as $need) {
            $need = $need->with($need->step->bonds(self::bonds($need, $zones)));
            $cut = isset($worked[$need->step->id]) ? [$need] : $stretches->cut($need);
            if (\count($cut) > 1) {
                $zones[$need->step->id] = $cut;
            }
            array_push($all, ...$cut);
        }

        return $all;
    }

    /** @return non-empty-list<Need> one for each zone, the first under the name of the whole */
    private function cut(Need $need): array
    {
        $step = $need->step;
        if (null !== $need->areaDm2 || \count($step->on) < 2 || \count($step->halves()) > 1 || $this->minutes($need, $step->on) <= self::LONGEST_MINUTES) {
            return [$need];
        }
        $zones = [[]];
        foreach ($step->on as $place) {
            $zone = $zones[\count($zones) - 1];
            if ([] !== $zone && $this->minutes($need, [...$zone, $place]) > self::LONGEST_MINUTES) {
                $zones[] = [$place];
            } else {
                $zones[\count($zones) - 1][] = $place;
            }
        }
        $share = $this->minutes($need, $step->on) / array_sum(array_map(fn (array $zone): float => $this->minutes($need, $zone), $zones));
        $cut = [];
        foreach ($zones as $i => $zone) {
            $part = $step->onto($zone)->named(0 === $i ? $step->id : $step->id.\chr(\ord('a') + $i));
            $cut[] = $need->zone(0 === $i ? $part : $part->bound(new After($cut[$i - 1]->step->id)), $share);
        }

        return $cut;
    }

    /** @param list<Place> $on */
    private function minutes(Need $need, array $on): float
    {
        return Instructions::for($need->step->onto($on), $need->shade, $this->brief)->forArea(array_sum(array_map($this->piece->areaDm2(...), $on)));
    }

    /**
     * What is laid over some of the zones waits for those; all else waits for each of them, as it did for the whole.
     *
     * @param array<string, non-empty-list<Need>> $zones by the name of the whole
     *
     * @return list<After>
     */
    private static function bonds(Need $need, array $zones): array
    {
        $bonds = [];
        foreach ($need->step->after as $bond) {
            $cut = $zones[$bond->step] ?? null;
            if (null === $cut) {
                $bonds[] = $bond;
                continue;
            }
            $over = array_filter($cut, static fn (Need $zone): bool => [] !== array_filter($zone->step->on, $need->step->touches(...)));
            foreach (Action::Lay === $need->step->action && [] !== $over ? $over : $cut as $zone) {
                $bonds[] = new After($zone->step->id, $bond->from, $bond->withinMinutes, $bond->before);
            }
        }

        return $bonds;
    }
}
