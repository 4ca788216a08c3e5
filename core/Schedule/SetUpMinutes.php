<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** What going from piece to piece costs: set one down, find the place on the other; and what handing one on costs more. */
final readonly class SetUpMinutes
{
    public const USUAL_SWITCH = 2;
    public const USUAL_HANDOVER = 5;

    public function __construct(public int $switch = self::USUAL_SWITCH, public int $handover = self::USUAL_HANDOVER)
    {
    }
}
