<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** How far the placing has come: a candidate that differs only later on goes on from here. */
final readonly class Checkpoint
{
    /**
     * @param array<int, int>    $starts
     * @param array<int, int>    $workers
     * @param array<int, string> $unplaced
     * @param array<int, int>    $waits    how many blocks each block still waits for
     * @param array<int, int>    $passed   rank of the blocks whose turn came too early
     */
    public function __construct(
        public ResourceCalendars $calendars,
        public array $starts,
        public array $workers,
        public array $unplaced,
        public array $waits,
        public array $passed,
    ) {
    }
}
