<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\WorkKey;

/** A stored step as {@see Steps} reads it: what time, the bench and the ledger ask of it, without its longer words. */
final readonly class StepRecord
{
    /**
     * @param list<Wait>  $waits before it, in the usual air; none of a step that is done, where it was read in passing
     * @param list<Place> $on    where it is done; of steps that were read in passing only those that dry or arrange the piece
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $piece,
        public string $key,
        public int $position,
        public string $title,
        public Phase $phase,
        public Action $action,
        public ?FamilyId $family,
        public ?FamilyId $dryingFamily,
        public Applicator $applicator,
        public Station $station,
        public ColourFamily $brush,
        public float $minutes,
        public array $waits,
        public WorkRecord $work,
        public CoatRecord $coat,
        public array $on,
    ) {
    }

    public function isOpen(): bool
    {
        return StepStatus::Open === $this->work->status;
    }

    public function isRunning(): bool
    {
        return StepStatus::Running === $this->work->status;
    }

    /** Whether a rung of a ladder was enough; it is answered, not only done. */
    public function isLook(): bool
    {
        return Action::Gate === $this->action && Phase::Trial !== $this->phase;
    }

    public function isDone(): bool
    {
        return StepStatus::Done === $this->work->status;
    }

    /** Its coat lies, and is on its way. */
    public function dries(): bool
    {
        return $this->isDone() && null !== $this->dryingFamily;
    }

    public function workKey(): string
    {
        return WorkKey::of($this->action, $this->family, $this->applicator);
    }

    public function half(): Halves
    {
        return Halves::of($this->on);
    }

    /** @return list<PartName> each once */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->on as $place) {
            $parts[$place->part->value] = $place->part;
        }

        return array_values($parts);
    }
}
