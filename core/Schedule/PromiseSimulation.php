<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Blocks;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;

/**
 * When a piece will be done for sure: the bench is played through many times, each time with minutes and waits as they vary here, and served in the same order
 * (Monte Carlo). Minutes and waits are log-normal about what is expected; the waits of one play share a day that is drier or damper than usual.
 */
final readonly class PromiseSimulation
{
    public const CERTAINTY = 0.9;
    /** Standard deviations of the logarithm. */
    public const USUAL_WAIT_SPREAD = 0.15;
    private const USUAL_DAY_SPREAD = 0.1;

    private Blocks $blocks;

    /**
     * @param array<int, float> $spread of the minutes of each step, as a standard deviation of their logarithm
     * @param \Closure(): float $chance evenly from 0 to below 1; core has none of its own
     * @param Blocks|null       $blocks of the problem, where somebody has them already
     */
    public function __construct(private Problem $problem, private array $spread, private \Closure $chance, ?Blocks $blocks = null)
    {
        $this->blocks = $blocks ?? Blocks::of($problem);
    }

    /**
     * @param list<int>               $order blocks of the problem
     * @param array<int, int>         $asked person by step
     * @param (\Closure(): bool)|null $goOn  asked before each play; with false there are fewer
     *
     * @return list<array<int, int>> the end of each job in each play; {@see PHP_INT_MAX} where there were no hours for it
     */
    public function plays(array $order, array $asked, int $count, ?\Closure $goOn = null): array
    {
        $plays = [];
        for ($n = 0; $n < $count && (null === $goOn || $goOn()); ++$n) {
            $problem = $this->varied();
            $table = (new ScheduleGenerator($problem, $this->blocks))->place(new Candidate($order, $asked));
            $ends = $table->ends;
            foreach (array_keys($table->unplaced) as $step) {
                $ends[$problem->steps[$step]->job] = \PHP_INT_MAX;
            }
            $plays[] = $ends;
        }

        return $plays;
    }

    /**
     * The front of an order that some jobs hang on: what is served after the last of them, and after all that they wait for, changes nothing of theirs.
     *
     * @param list<int>        $order blocks of the problem
     * @param array<int, true> $jobs  of the problem
     *
     * @return list<int>
     */
    public function front(array $order, array $jobs): array
    {
        $needed = $open = [];
        foreach ($this->blocks->of as $step => $block) {
            if (isset($jobs[$this->problem->steps[$step]->job]) && !isset($needed[$block])) {
                $needed[$block] = true;
                $open[] = $block;
            }
        }
        while ([] !== $open) {
            foreach ($this->blocks->before[array_pop($open)] as $before) {
                if (!isset($needed[$before])) {
                    $needed[$before] = true;
                    $open[] = $before;
                }
            }
        }
        $last = -1;
        foreach ($order as $rank => $block) {
            $last = isset($needed[$block]) ? $rank : $last;
        }

        return \array_slice($order, 0, $last + 1);
    }

    /**
     * The smallest end that holds so often.
     *
     * @param list<int> $ends
     */
    public static function certain(array $ends, float $certainty = self::CERTAINTY): int
    {
        sort($ends);

        return $ends[max(0, (int) ceil($certainty * \count($ends)) - 1)] ?? \PHP_INT_MAX;
    }

    /**
     * How often a moment held.
     *
     * @param list<int> $ends
     */
    public static function held(array $ends, int $until): float
    {
        return \count(array_filter($ends, static fn (int $e): bool => $e <= $until)) / max(1, \count($ends));
    }

    /** The bench as it may turn out. */
    public function varied(): Problem
    {
        $day = exp(self::USUAL_DAY_SPREAD * $this->normal());
        $steps = [];
        foreach ($this->problem->steps as $i => $work) {
            if ($work->isFixed() && null === $work->fixedPerson) {
                $steps[] = $work;

                continue;
            }
            $minutes = 0 === $work->minutes ? 0 : max(1, (int) round($work->minutes * exp(($this->spread[$i] ?? 0.0) * $this->normal())));
            $lags = array_map(function (Lag $lag) use ($day): Lag {
                if (0 === $lag->min || $this->problem->steps[$lag->step]->isFixed()) {
                    return $lag;
                }
                $by = $day * exp(self::USUAL_WAIT_SPREAD * $this->normal());

                // What dries slowly stays open longer too.
                return new Lag(
                    $lag->step,
                    (int) round($lag->min * $by),
                    null === $lag->max ? null : max((int) round($lag->min * $by), (int) round($lag->max * $by)),
                );
            }, $work->after);
            $steps[] = new Activity(
                id: $work->id,
                job: $work->job,
                minutes: $minutes,
                attended: $work->attended,
                skill: $work->skill,
                station: $work->station,
                after: $lags,
                setup: $work->setup,
                fixedStart: $work->fixedStart,
                fixedPerson: $work->fixedPerson,
            );
        }

        return new Problem(
            $steps,
            $this->problem->jobs,
            $this->problem->workers,
            $this->problem->places,
            $this->problem->switchMinutes,
            $this->problem->handoverMinutes,
        );
    }

    /** Box and Muller (1958). */
    private function normal(): float
    {
        return sqrt(-2.0 * log(1.0 - ($this->chance)())) * cos(2.0 * \M_PI * ($this->chance)());
    }
}
