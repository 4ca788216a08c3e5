<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** A rule that a step of a changed plan breaks. */
final readonly class FaultView
{
    public function __construct(
        public string $step,
        public string $rule,
        /** it would do harm or fail; otherwise it is merely unwise */
        public bool $stops,
        public string $message,
        public string $because,
        /** why somebody went over it */
        public ?string $reason,
    ) {
    }
}
