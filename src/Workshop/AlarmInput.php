<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Settings\Alarm;

final readonly class AlarmInput
{
    /** @param string $version of the settings as they were seen */
    public function __construct(public Alarm $alarm, public string $version)
    {
    }
}
