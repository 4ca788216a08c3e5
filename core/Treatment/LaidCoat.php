<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** The coat that lies on top, and how far the steps since have waited for it. */
final readonly class LaidCoat
{
    public function __construct(public string $step, public FamilyId $family, public ?Stage $waitedUntil = null)
    {
    }

    /** A step that must not start before the coat has come that far: is it sure to wait? */
    public function isReady(Stage $stage, Step $for): bool
    {
        return true === $this->waitedUntil?->covers($stage)
            || true === $for->bondTo($this->step)?->covers($stage);
    }

    /** The stage that the next coat waits for: earlier over itself than under another family (W-1). */
    public function stageFor(FamilyId $next): Stage
    {
        return $next === $this->family && null !== Family::of($next)->drying->recoatFromMinutes ? Stage::RecoatFrom : Stage::Next;
    }

    /** The step is sure to come before the coat no longer takes another. */
    public function isLimited(Step $next): bool
    {
        $bond = $next->bondTo($this->step);
        $until = Family::of($this->family)->drying->recoatUntilMinutes;

        return Stage::RecoatUntil === $bond?->before || Stage::Touch === $bond?->before
            || null !== $bond?->withinMinutes && null !== $until && $bond->withinMinutes <= $until;
    }

    public function passedBy(Step $step): self
    {
        $bond = [] === $step->after ? null : $step->bondTo($this->step);
        if (null === $bond?->from || true === $this->waitedUntil?->covers($bond->from)) {
            return $this;
        }

        return new self($this->step, $this->family, $bond->from);
    }
}
