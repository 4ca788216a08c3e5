<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** A timetable in the making: what has been placed, one step after the other in time, and what could come next. */
final class BeamNode
{
    /** @var array<int, int> by step */
    public array $starts = [];
    /** @var array<int, int> by step, -1 for nobody */
    public array $workers = [];
    /** @var array<int, int> by person: free from then on */
    public array $free = [];
    /** @var array<int, list<int>> by station: when its places are free, rising */
    public array $places = [];
    /** @var list<int> steps whose waits have all been placed */
    public array $ready = [];
    /** @var array<int, int> by job: minutes of hands that are left */
    public array $left = [];
    /** @var array<int, int> by job: the last end that was placed */
    public array $ends = [];
    /** @var array<int, int> by person: the job of the last step */
    public array $jobOf = [];
    /** @var array<int, int> by job: who did the last step */
    public array $handOf = [];
    /** Equal where the same steps have been placed. */
    public int $key = 0;
    /** @var array<int, array{int, int, int}> step, person or -1, earliest start; by a number of the two */
    public array $next = [];
    /** Proved: no timetable that begins so is less late. */
    public float $bound = 0.0;
    /** How late it may come to be. */
    public float $guess = 0.0;
}
