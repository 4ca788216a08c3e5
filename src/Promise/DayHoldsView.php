<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** A working day that may be promised instead. */
final readonly class DayHoldsView
{
    public function __construct(
        /** when the last of the workshop goes home */
        public string $at,
        /** per cent of the weeks in which it would hold */
        public int $holds,
    ) {
    }
}
