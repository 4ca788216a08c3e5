<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** A wait before a step, in the usual air: minutes from the end of the earlier step. */
final readonly class StepWaitView
{
    public function __construct(public string $step, public ?float $minMinutes, public ?float $maxMinutes)
    {
    }
}
