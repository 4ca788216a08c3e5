<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;

/** What some steps do to a place, as far as its owner is told of it. */
final class Deeds
{
    /** With dye, paint, or polish of a shade. */
    public bool $colours = false;
    /** With any product that can bring colour, a neutral one too. */
    public bool $polishes = false;
    public bool $dyes = false;
    public bool $paints = false;
    public bool $fills = false;
    public bool $feeds = false;
    public bool $dresses = false;
    public bool $dissolves = false;
    public bool $sands = false;
    public bool $raises = false;
    /** With the warmth of the hand. */
    public bool $burnishes = false;

    /** @param list<PlannedStep> $steps */
    public static function at(Place $place, array $steps): self
    {
        $deeds = new self();
        foreach ($steps as $planned) {
            if ($planned->step->touches($place)) {
                $deeds->add($planned);
            }
        }

        return $deeds;
    }

    public function dyesOrPaints(): bool
    {
        return $this->dyes || $this->paints;
    }

    private function add(PlannedStep $planned): void
    {
        $step = $planned->step;
        if (null === $step->family) {
            $this->sands = $this->sands || Action::Sand === $step->action && Phase::Fill === $step->phase;
            $this->raises = $this->raises || Action::RaiseNap === $step->action || Action::Erase === $step->action;
            $this->burnishes = $this->burnishes || Action::Buff === $step->action && Applicator::Fingers === $step->applicator;

            return;
        }
        $this->dyes = $this->dyes || $step->does(Effect::Dyes);
        $this->paints = $this->paints || $step->does(Effect::Paints);
        $this->polishes = $this->polishes || $step->does(Effect::Colours);
        $this->colours = $this->colours || $this->dyesOrPaints() || null !== $planned->shade && $step->does(Effect::Colours);
        $this->fills = $this->fills || $step->does(Effect::Fills);
        $this->feeds = $this->feeds || \in_array($step->family, Answers::FOOD, true);
        $this->dresses = $this->dresses || FamilyId::EdgeDressing === $step->family;
        $this->dissolves = $this->dissolves || \in_array($step->family, Answers::SOLVENTS, true);
    }
}
