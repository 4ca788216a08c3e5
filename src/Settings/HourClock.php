<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

/** How the workshop says what time it is. */
enum HourClock: string
{
    case Twelve = '12';
    case TwentyFour = '24';

    /** For {@see \DateTimeInterface::format()}. */
    public function format(): string
    {
        return self::Twelve === $this ? 'g:i a' : 'H:i';
    }
}
