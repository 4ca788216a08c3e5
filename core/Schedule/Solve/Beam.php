<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** How a beam search goes about it. */
final readonly class Beam
{
    /**
     * @param int                  $width   timetables in the making that are kept at each step
     * @param int                  $alike   of those that have placed the same steps
     * @param bool                 $exact   of those one is dropped only where another is as early in everything that could come next
     * @param float                $byHands how much of the guess goes by the hands
     * @param int                  $idle    minutes that a person may stand idle for something better, beyond what they could have finished
     * @param float                $noise   by how much the weights of jobs are changed, as an exponent
     * @param array<int, int>|null $dates   by job: what cannot end by then any more is dropped, and of the others those are kept that are the least pressed
     */
    public function __construct(
        public int $width,
        public int $alike,
        public bool $exact,
        public float $byHands,
        public int $idle,
        public float $noise = 0.0,
        public ?array $dates = null,
    ) {
    }
}
