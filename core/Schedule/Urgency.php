<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** Why something is called for now, the most pressing first. */
enum Urgency: int
{
    case Running = 0;
    case Closing = 1;
    case Test = 2;
    case Open = 3;
    case Missed = 4;

    public function word(): string
    {
        return strtolower($this->name);
    }
}
