<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Settings\Alarm;

final readonly class AlarmInput
{
    public function __construct(public Alarm $alarm)
    {
    }
}
