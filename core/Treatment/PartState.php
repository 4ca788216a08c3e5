<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Drying\Stage;

/** A part in the middle of the work: what it is, and what the steps so far have made of its surface. */
final readonly class PartState
{
    /**
     * @param list<Finding>         $findings
     * @param list<Surface>         $surface
     * @param array<string, int>    $coats       laid so far, by family id
     * @param array<string, string> $tried       step of the trial, by family id
     * @param string|null           $degreasedBy step after which nothing has touched the bare ground
     */
    private function __construct(
        public Part $part,
        public array $findings,
        private array $surface,
        public ?LaidCoat $top,
        private array $coats,
        public array $tried,
        public ?LaidCoat $trial,
        public ?string $degreasedBy,
    ) {
    }

    /**
     * As it comes over the counter: with loose dirt, and with the fat of old polish.
     *
     * @param list<Finding> $findings
     */
    public static function asFound(Part $part, array $findings): self
    {
        return new self($part, $findings, [Surface::LooseDirt, Surface::Fat], null, [], [], null, null);
    }

    public function has(Surface $fact): bool
    {
        return \in_array($fact, $this->surface, true);
    }

    public function coatsOf(FamilyId $family): int
    {
        return $this->coats[$family->value] ?? 0;
    }

    /** What lies on it, as a wait for the given step; null when nothing does or it is sure to wait. */
    public function unready(Stage $stage, Step $for): ?LaidCoat
    {
        return null === $this->top || $this->top->isReady($stage, $for) ? null : $this->top;
    }

    public function after(Step $step): self
    {
        $family = $step->family;
        $facts = $this->surface;
        $top = $this->top?->passedBy($step);
        if (null !== $top?->waitedUntil && After::rank($top->waitedUntil) >= After::rank(Stage::Next)) {
            $facts = self::without($facts, Surface::Damp);
        }
        $facts = match ($step->action) {
            Action::DustOff => self::without($facts, Surface::LooseDirt),
            Action::Mask => self::with($facts, Surface::Masked),
            Action::Unmask => self::without($facts, Surface::Masked),
            Action::Lay => self::laid($facts, $step),
            default => $facts,
        };
        $lays = Action::Lay === $step->action && null !== $family;
        $coats = $this->coats;
        if ($lays) {
            $coats[$family->value] = ($coats[$family->value] ?? 0) + 1;
        }

        return new self(
            $this->part,
            $this->findings,
            $facts,
            $lays && Family::of($family)->dries() ? new LaidCoat($step->id, $family) : $top,
            $coats,
            [...$this->tried, ...array_fill_keys(array_map(static fn (FamilyId $f): string => $f->value, $step->tries), $step->id)],
            [] === $step->tries ? $this->trial?->passedBy($step) : new LaidCoat($step->id, $step->dryingFamily() ?? FamilyId::DampCloth),
            match (true) {
                FamilyId::Alcohol === $family => $step->id,
                $lays => null,
                default => $this->degreasedBy,
            },
        );
    }

    /**
     * @param list<Surface> $facts
     *
     * @return list<Surface>
     */
    private static function laid(array $facts, Step $step): array
    {
        if ($step->wets()) {
            $facts = self::with($facts, Surface::Damp);
        }
        if ($step->laysFat()) {
            $facts = self::with($facts, Surface::Fat);
        }

        return match ($step->family) {
            FamilyId::Wax => self::with($facts, Surface::Wax),
            FamilyId::EdgeDressing => self::with($facts, Surface::Dressed),
            FamilyId::Alcohol => self::without(self::without($facts, Surface::Fat), Surface::Wax),
            default => $facts,
        };
    }

    /**
     * @param list<Surface> $facts
     *
     * @return list<Surface>
     */
    private static function with(array $facts, Surface $fact): array
    {
        return [...self::without($facts, $fact), $fact];
    }

    /**
     * @param list<Surface> $facts
     *
     * @return list<Surface>
     */
    private static function without(array $facts, Surface $fact): array
    {
        return array_values(array_filter($facts, static fn (Surface $f): bool => $f !== $fact));
    }
}
