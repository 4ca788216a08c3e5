<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** A day that is otherwise than usual. */
final readonly class OtherDayView
{
    /** @param list<ShiftView> $shifts none for a day off */
    public function __construct(
        public int $id,
        public string $day,
        /** null for the whole workshop */
        public ?string $person,
        public array $shifts,
        public string $why,
    ) {
    }
}
