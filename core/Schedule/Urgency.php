<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** Why something is called for now, the most pressing first. */
enum Urgency: string
{
    case Running = 'running';
    case Closing = 'closing';
    case Test = 'test';
    case Open = 'open';
    case Missed = 'missed';

    /** 0 for what is most pressing. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
