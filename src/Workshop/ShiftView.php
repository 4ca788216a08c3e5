<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** A stretch of a day at work, such as 09:00 to 12:30. */
final readonly class ShiftView
{
    public function __construct(public string $from, public string $until)
    {
    }
}
