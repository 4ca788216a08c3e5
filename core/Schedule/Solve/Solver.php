<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Looks for a good timetable: priority rules first; then closely where there are few steps ({@see FewSteps}), else by other dates for whole jobs
 * ({@see OtherDates}) and by simulated annealing over candidates (Kirkpatrick 1983), with restarts from the best and from elsewhere. May be stopped at any
 * moment; the same seed gives the same answer when it is not.
 */
final class Solver
{
    /** Rounds without anything better after which the search has looked enough, a block. */
    private const PATIENCE = 400;
    /** By other dates, one after the other without anything better. */
    private const LISTS_AT_FIRST = 60;
    private const LISTS_A_ROUND = 20;
    private const COLDEST = 0.002;
    /** Up to so many steps there is time to look closely. */
    private const FEW_STEPS = 60;
    /** Above so many blocks there is no time to look everywhere: cooler from the start, and mostly whole jobs are moved. */
    private const MANY_BLOCKS = 60;

    private readonly Neighbourhood $neighbours;
    private readonly PriorityRules $plain;
    private readonly bool $many;
    private readonly float $hottest;
    private readonly int $round;
    private ScheduleGenerator $placer;
    private readonly bool $few;
    private ?FewSteps $closely = null;
    private ?OtherDates $dates = null;

    /**
     * @param \Closure(int): int $random throws a number from 0 to one below what it is given; core has no chance of its own
     * @param \Closure(): bool   $goOn
     * @param int                $number of those that search side by side: they do not all look in the same way
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly \Closure $random,
        private readonly \Closure $goOn,
        private readonly int $number = 0,
    ) {
        $this->placer = new ScheduleGenerator($problem);
        $this->plain = new PriorityRules($problem, $this->placer->blocks);
        $this->few = \count(array_filter($problem->steps, static fn (Activity $w): bool => !$w->isFixed())) <= self::FEW_STEPS;
        $this->many = \count($this->placer->blocks->steps) > self::MANY_BLOCKS;
        $this->neighbours = new Neighbourhood($problem, $this->placer->blocks, $this->many, $random);
        $this->hottest = $this->many ? 0.04 : 0.6;
        $this->round = $this->few ? 250 : ($this->many ? 600 : 2000);
    }

    /**
     * Stopped at any moment it has an answer: never worse than an earlier one that it is given, nor than plain list scheduling once that has been looked at.
     *
     * @param array<int, int> $starts  by step in an earlier answer, to begin from
     * @param array<int, int> $workers who did it there
     */
    public function solve(array $starts = [], array $workers = []): Timetable
    {
        $blocks = \count($this->placer->blocks->steps);
        $orders = $this->plain->all();
        $candidates = array_map(static fn (array $order): Candidate => new Candidate($order), $orders);
        if ([] !== $starts) {
            $before = $this->plain->asBefore($starts);
            array_unshift($candidates, new Candidate($before, array_filter($workers, static fn (int $h): bool => $h >= 0), $starts), new Candidate($before));
        }
        $bestCandidate = $candidates[0];
        $best = $this->placer->place($bestCandidate);
        foreach (\array_slice($candidates, 1) as $candidate) {
            if (!($this->goOn)()) {
                break;
            }
            $table = $this->placer->place($candidate);
            if ($table->isBetterThan($best)) {
                [$best, $bestCandidate] = [$table, $candidate];
            }
        }
        $bound = LowerBound::ofJobs($this->problem);
        $idle = 0;
        for ($round = 0; $blocks > 1 && $idle < self::PATIENCE * $blocks && ($this->goOn)(); ++$round) {
            if (!$this->few) {
                [$best, $bestCandidate] = $this->byOtherDates($best, $bestCandidate, 0 === $round ? self::LISTS_AT_FIRST : self::LISTS_A_ROUND);
            }
            [$now, $candidate] = [$best, $bestCandidate];
            if (!$this->many && 1 === $round % 2) {
                // From elsewhere, so that one good valley is not the only one seen.
                $candidate = new Candidate($orders[($this->random)(\count($orders))]);
                $now = $this->placer->place($candidate);
            }
            $scale = max(1.0, $best->worth[2] > 0.0 ? $best->worth[2] : 0.02 * $best->worth[3]);
            for ($step = 0; $step < $this->round && ($this->goOn)(); ++$step) {
                $heat = $scale * $this->hottest * (self::COLDEST / $this->hottest) ** ($step / $this->round) / max(2.0, sqrt($blocks));
                $nextCandidate = $this->neighbours->oneOf($candidate, $now);
                $next = $this->placer->place($nextCandidate);
                $worse = self::cost($next) - self::cost($now);
                if ($worse <= 0.0 || ($this->random)(1_000_000) / 1_000_000.0 < exp(-$worse / $heat)) {
                    [$now, $candidate] = [$next, $nextCandidate];
                }
                ++$idle;
                if ($next->isBetterThan($best)) {
                    [$best, $bestCandidate] = [$next, $nextCandidate];
                    $idle = 0;
                }
            }
            if ($this->few && $this->isWhole($best)) {
                return $this->closely($best, $bound);
            }
            if ($this->isWhole($best) && $best->worth[2] <= $bound && $idle > 20 * $blocks) {
                break;
            }
        }

        return $best;
    }

    /**
     * Lists by other dates, until so many one after the other gave nothing better.
     *
     * @return array{Timetable, Candidate}
     */
    private function byOtherDates(Timetable $best, Candidate $candidate, int $patience): array
    {
        for ($idle = 0; 0 === $best->worth[0] && $idle < $patience && ($this->goOn)(); ++$idle) {
            $dates = ($this->dates ??= new OtherDates($this->problem, $this->random))->dates($best->ends);
            if (null === $dates) {
                break;
            }
            $next = new Candidate($this->plain->asBefore(array_flip($this->dates->order($dates))));
            $table = $this->placer->place($next);
            if ($table->isBetterThan($best)) {
                [$best, $candidate, $idle] = [$table, $next, 0];
            }
        }

        return [$best, $candidate];
    }

    public function evaluations(): int
    {
        return $this->placer->evaluations + ($this->closely?->evaluations() ?? 0);
    }

    /** Everything is placed and every window kept. */
    private function isWhole(Timetable $table): bool
    {
        return 0 === $table->worth[0] && 0 === $table->worth[1];
    }

    private function closely(Timetable $table, float $bound): Timetable
    {
        $this->closely = new FewSteps($this->problem, $this->random, $this->goOn, $this->number);

        return $this->closely->improve($table, $bound);
    }

    private static function cost(Timetable $table): float
    {
        return 1e9 * $table->worth[0] + 1e6 * $table->worth[1] + $table->worth[2] + 0.01 * $table->worth[3] + 0.1 * $table->worth[4];
    }
}
