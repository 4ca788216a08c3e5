<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** A rule that a step breaks, in words for the bench, and what would make it sound where that is known. */
final readonly class Violation
{
    private function __construct(
        public string $rule,
        public string $step,
        public bool $stops,
        public string $message,
        public ?Remedy $remedy,
    ) {
    }

    /** It would do harm or fail. */
    public static function stop(object $rule, Step $step, string $message, ?Remedy $remedy = null): self
    {
        return new self(Rule::of($rule)->number, $step->id, true, $message, $remedy);
    }
}
