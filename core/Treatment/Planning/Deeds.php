<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;

/** What some steps do to a place, as far as an owner is told of it. */
final readonly class Deeds
{
    private const FOOD = [FamilyId::Conditioner, FamilyId::ConditionerLight, FamilyId::Oil, FamilyId::Cream, FamilyId::HeavyWax, FamilyId::CleanerCream];
    private const SOLVENTS = [FamilyId::SolventMild, FamilyId::Alcohol, FamilyId::Deglosser];

    /**
     * @param list<Effect> $laid      the effects of all that is laid
     * @param bool         $colours   with dye, paint, or polish of a shade
     * @param bool         $burnishes with the warmth of the hand
     */
    private function __construct(
        private array $laid,
        public bool $colours,
        public bool $dyes,
        public bool $paints,
        public bool $fills,
        public bool $feeds,
        public bool $dresses,
        public bool $dissolves,
        public bool $sands,
        public bool $raises,
        public bool $burnishes,
    ) {
    }

    /** @param array<PlannedStep> $steps */
    public static function of(array $steps): self
    {
        $any = static fn (\Closure $so): bool => [] !== array_filter($steps, $so);
        $does = static fn (Effect $effect): bool => $any(static fn (PlannedStep $s): bool => $s->step->does($effect));
        $acts = static fn (Action ...$actions): bool => $any(static fn (PlannedStep $s): bool => \in_array($s->step->action, $actions, true));
        $lays = static fn (FamilyId ...$families): bool => $any(static fn (PlannedStep $s): bool => \in_array($s->step->family, $families, true));
        $dyes = $does(Effect::Dyes);
        $paints = $does(Effect::Paints);

        return new self(
            array_values(array_filter(Effect::cases(), $does)),
            $dyes || $paints || $any(static fn (PlannedStep $s): bool => $s->step->does(Effect::Colours) && null !== $s->shade),
            $dyes,
            $paints,
            $does(Effect::Fills),
            $lays(...self::FOOD),
            $lays(FamilyId::EdgeDressing),
            $lays(...self::SOLVENTS),
            $any(static fn (PlannedStep $s): bool => Action::Sand === $s->step->action && Phase::Fill === $s->step->phase),
            $acts(Action::RaiseNap, Action::Erase),
            $any(static fn (PlannedStep $s): bool => Action::Buff === $s->step->action && Applicator::Fingers === $s->step->applicator),
        );
    }

    public function dyesOrPaints(): bool
    {
        return $this->dyes || $this->paints;
    }

    public function lays(Effect $effect): bool
    {
        return \in_array($effect, $this->laid, true);
    }
}
