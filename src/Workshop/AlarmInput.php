<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

final readonly class AlarmInput
{
    public function __construct(public Alarm $alarm)
    {
    }
}
