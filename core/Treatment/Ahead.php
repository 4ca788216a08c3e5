<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Assessment\Place;

/**
 * Which parts still get colour or a finish over all of them.
 *
 * What lifts colour may be used where colour follows (C-2, C-9, C-11). It is counted down as the steps are done.
 */
final class Ahead
{
    /** @param array<string, int> $coats still to come, by {@see Place} */
    private function __construct(private array $coats)
    {
    }

    /** @param iterable<Step> $steps */
    public static function of(iterable $steps): self
    {
        $coats = [];
        foreach ($steps as $step) {
            if (self::refinishing($step)) {
                foreach ($step->on as $place) {
                    $coats[$place->key] = ($coats[$place->key] ?? 0) + 1;
                }
            }
        }

        return new self($coats);
    }

    public function done(Step $step): void
    {
        if (self::refinishing($step)) {
            foreach ($step->on as $place) {
                $this->coats[$place->key] = max(0, ($this->coats[$place->key] ?? 0) - 1);
            }
        }
    }

    public function refinishes(Place $place): bool
    {
        return ($this->coats[$place->key] ?? 0) > 0;
    }

    private static function refinishing(Step $step): bool
    {
        return null !== $step->family && ($step->family->isDye() || $step->family->isPaint()) && !$step->isSpot();
    }
}
