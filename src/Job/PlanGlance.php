<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/**
 * A plan at a glance: which of its steps somebody at the bench needs, what the others are called, and how the piece is drawn. It holds until any of that
 * changes.
 */
final readonly class PlanGlance
{
    /**
     * @param list<int>                   $needed  whatever the time is: what is under way, may be begun or arranges the piece
     * @param array<int, string>          $later   titles of those that wait for what has not been done, by id
     * @param array<int, array{int, int}> $done    when each ended, and until when its coat dries (0 without one), in seconds since 1970, by id
     * @param list<PartColoursView>       $colours
     */
    private function __construct(private array $needed, public array $later, private array $done, public int $all, public array $colours)
    {
    }

    /**
     * @param list<StepGlance>      $steps   of one piece, in their order
     * @param list<PartColoursView> $colours of its parts
     */
    public static function of(array $steps, array $colours): self
    {
        $needed = StepGlance::needed($steps);
        $later = $done = [];
        foreach ($steps as $step) {
            if (StepStatus::Done === $step->status) {
                $done[$step->id] = [$step->endedAt, $step->driesUntil];
            } elseif (!isset($needed[$step->id])) {
                $later[$step->id] = $step->title;
            }
        }

        return new self(array_keys($needed), $later, $done, \count($steps), $colours);
    }

    /**
     * @param int $now in seconds since 1970, as is $day: when the day began of which what was done is shown
     *
     * @return list<int> ids of the steps of which all is needed, each once
     */
    public function needed(int $now, int $day): array
    {
        $needed = array_fill_keys($this->needed, true);
        foreach ($this->done as $id => [$ended, $driesUntil]) {
            if ($ended >= $day || $driesUntil > $now) {
                $needed[$id] = true;
            }
        }

        return array_keys($needed);
    }

    public function done(): int
    {
        return \count($this->done);
    }
}
