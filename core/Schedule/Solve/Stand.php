<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** How far a placing has come: a draft that differs only later on goes on from here. */
final readonly class Stand
{
    /**
     * @param array<int, int>    $starts
     * @param array<int, int>    $hands
     * @param array<int, string> $unplaced
     * @param array<int, int>    $waits    how many blocks each block still waits for
     * @param array<int, int>    $passed   rank of the blocks whose turn came too early
     */
    public function __construct(public Board $board, public array $starts, public array $hands, public array $unplaced, public array $waits, public array $passed)
    {
    }
}
