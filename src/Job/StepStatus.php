<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** Where a step stands. */
enum StepStatus: string
{
    case Open = 'open';
    case Running = 'running';
    case Done = 'done';
}
