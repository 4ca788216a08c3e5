<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** A day on which hands are at a piece, as it is planned now. */
final readonly class PlanDayView
{
    /**
     * @param string    $from    when the first step of that day begins
     * @param string    $until   when the last of them ends
     * @param float     $minutes by hand
     * @param list<int> $steps   by their numbers, in the order in which they are done
     */
    public function __construct(public string $from, public string $until, public float $minutes, public array $steps)
    {
    }
}
