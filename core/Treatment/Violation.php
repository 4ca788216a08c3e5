<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\FamilyId;

/** A rule that a step breaks, in words for the bench, and what would make it sound where that is known. */
final readonly class Violation
{
    private function __construct(
        public string $rule,
        public string $step,
        public bool $stops,
        public string $message,
        public ?Remedy $remedy,
        /** the part on which it is broken; null when it is the step as a whole */
        public ?Place $at,
        /** an earlier product that is to blame, where the step only brings it to light */
        public ?FamilyId $blames,
    ) {
    }

    /** It would do harm or fail. */
    public static function stop(object $rule, Step $step, string $message, ?Remedy $remedy = null): self
    {
        return new self(Rule::of($rule)->number, $step->id, true, $message, $remedy, null, null);
    }

    /** It would be unwise. */
    public static function warn(object $rule, Step $step, string $message, ?Remedy $remedy = null): self
    {
        return new self(Rule::of($rule)->number, $step->id, false, $message, $remedy, null, null);
    }

    public function at(Place $place, ?FamilyId $blames = null): self
    {
        return new self($this->rule, $this->step, $this->stops, $this->message, $this->remedy, $place, $blames ?? $this->blames);
    }
}
