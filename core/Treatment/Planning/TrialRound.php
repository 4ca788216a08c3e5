<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Wishes;

/**
 * All that a piece will be treated with, tried in one sitting: one place for each skin and product.
 *
 * Each product is a trial of its own, so that what dries in minutes does not wait for what dries overnight.
 */
final readonly class TrialRound
{
    /** Where nobody looks, the best first. */
    private const HIDDEN = [
        PartName::Tongue, PartName::Topline, PartName::Collar, PartName::Flap, PartName::Base, PartName::Cuffs, PartName::Facing, PartName::Gusset,
    ];

    /** @param array<int, list<Need>> $pool what is still to be placed, by rank */
    public function __construct(private PieceState $state, private array $pool, private Wishes $wishes)
    {
    }

    /**
     * @param list<Place>    $on
     * @param list<FamilyId> $asked
     *
     * @return list<Step>
     */
    public function steps(array $on, array $asked): array
    {
        /** @var array<string, array{FamilyId, list<Part>}> $skins by family, one part of each skin */
        $skins = [];
        foreach ($asked as $family) {
            foreach ($on as $place) {
                $this->note($skins, $family, $place);
            }
        }
        $pool = $this->pool;
        ksort($pool);
        foreach ($pool as $group) {
            foreach ($group as $need) {
                $family = $need->step->family;
                if (null === $family || !$need->step->laysProduct()) {
                    continue;
                }
                foreach ($need->step->on as $place) {
                    $this->note($skins, $family, $place);
                    if ($family->does(Effect::NeedsCleanGround) && null === $this->wishes->excludes(FamilyId::Alcohol)) {
                        $this->note($skins, FamilyId::Alcohol, $place);
                    }
                }
            }
        }

        return array_values(array_map(
            fn (array $of): Step => Step::trial(array_map($this->hidden(...), $of[1]), [$of[0]]),
            $skins,
        ));
    }

    /** @param array<string, array{FamilyId, list<Part>}> $skins */
    private function note(array &$skins, FamilyId $family, Place $place): void
    {
        $state = $this->state->at($place);
        if (null === $state || !$state->needsTrial() || $state->wasTried($family)) {
            return;
        }
        $skins[$family->value] ??= [$family, []];
        foreach ($skins[$family->value][1] as $known) {
            if ($known->isSameSkin($state->part)) {
                return;
            }
        }
        $skins[$family->value][1][] = $state->part;
    }

    /** A place of this skin where nobody looks. */
    private function hidden(Part $skin): Place
    {
        $best = $skin->at;
        $rank = \count(self::HIDDEN);
        foreach ($this->state->all() as $state) {
            $at = array_search($state->part->at->part, self::HIDDEN, true);
            if ($state->part->isSameSkin($skin) && false !== $at && $at < $rank) {
                [$best, $rank] = [$state->part->at, $at];
            }
        }

        return $best;
    }
}
