<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Wishes;

/** One trial for all that a half will be treated with, so that it dries once. */
final readonly class TrialRound
{
    /** @param array<int, list<Need>> $pool what is still to be placed, by rank */
    public function __construct(private PieceState $state, private array $pool, private Wishes $wishes)
    {
    }

    /**
     * The trial of a half, on its places and with all that will touch them.
     *
     * @param list<Place>    $on
     * @param list<FamilyId> $asked
     */
    public function step(Half $half, array $on, array $asked): Step
    {
        $places = [];
        foreach ($on as $place) {
            $places[$place->key] = $place;
        }
        $tries = [];
        foreach ($asked as $family) {
            $tries[$family->value] = $family;
        }
        foreach ($this->pool as $group) {
            foreach ($group as $need) {
                $family = $need->step->family;
                if (null === $family || !$need->step->laysProduct()) {
                    continue;
                }
                foreach ($need->step->on as $place) {
                    $part = $place->half === $half ? $this->state->at($place) : null;
                    if (null !== $part && $part->part->needsTrial() && !$part->wasTried($family)) {
                        $places[$place->key] = $place;
                        $tries[$family->value] = $family;
                        if ($family->does(Effect::NeedsCleanGround) && null === $this->wishes->excludes(FamilyId::Alcohol)) {
                            $tries[FamilyId::Alcohol->value] = FamilyId::Alcohol;
                        }
                    }
                }
            }
        }

        return Step::trial(array_values($places), array_values($tries));
    }
}
