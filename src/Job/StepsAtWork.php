<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** The steps of a piece as somebody at the bench needs them: few of them whole, of the rest of the plan only what they are called. */
final readonly class StepsAtWork
{
    /**
     * @param list<StepRecord>      $steps   in their order: what is under way, may be begun, was done today, dries or arranges the piece
     * @param array<int, string>    $later   titles by id of those that wait for what has not been done
     * @param list<PartColoursView> $colours in which its parts are drawn
     */
    public function __construct(public array $steps, public array $later, public int $done, public int $all, public array $colours)
    {
    }

    public function isOpen(int $step): bool
    {
        foreach ($this->steps as $one) {
            if ($one->id === $step) {
                return !$one->isDone();
            }
        }

        return isset($this->later[$step]);
    }
}
