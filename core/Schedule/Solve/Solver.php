<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Looks for a good timetable: plain orders first, then simulated annealing over orders of blocks and over who is asked (Kirkpatrick 1983; neighbourhoods after
 * Bouleimen and Lecocq 2003), with restarts from the best. May be stopped at any moment; the same seed gives the same answer when it is not.
 */
final class Solver
{
    /** Rounds without anything better after which the search has looked enough, a block. */
    private const PATIENCE = 400;
    private const HOTTEST = 0.25;
    private const COLDEST = 0.002;
    private const ROUND = 600;
    /** How many usual jobs ahead a due date begins to count. */
    private const LOOK_AHEAD = [0.5, 1.5, 4.0];
    /** Above so many blocks whole jobs are moved more often than single blocks. */
    private const MANY_BLOCKS = 60;

    private Placer $placer;

    /**
     * @param \Closure(int): int $dice throws a number from 0 to one below what it is given; core has no chance of its own
     * @param \Closure(): bool   $goOn
     */
    public function __construct(private readonly Problem $problem, private readonly \Closure $dice, private readonly \Closure $goOn)
    {
        $this->placer = new Placer($problem);
    }

    public function solve(): Timetable
    {
        $blocks = \count($this->placer->blocks->steps);
        $best = null;
        $bestDraft = new Draft([]);
        foreach ($this->plain() as $order) {
            $draft = new Draft($order);
            $table = $this->placer->place($draft);
            if (null === $best || $table->isBetterThan($best)) {
                [$best, $bestDraft] = [$table, $draft];
            }
            if (!($this->goOn)()) {
                break;
            }
        }
        $best ??= $this->placer->place($bestDraft);
        $bound = LowerBound::of($this->problem);
        $idle = 0;
        while ($blocks > 1 && $idle < self::PATIENCE * $blocks && ($this->goOn)()) {
            [$now, $draft] = [$best, $bestDraft];
            $scale = max(1.0, $best->worth[2] > 0.0 ? $best->worth[2] : 0.02 * $best->worth[3]);
            for ($step = 0; $step < self::ROUND && ($this->goOn)(); ++$step) {
                $heat = $scale * self::HOTTEST * (self::COLDEST / self::HOTTEST) ** ($step / self::ROUND) / max(2.0, sqrt($blocks));
                $nextDraft = $this->neighbour($draft, $now);
                $next = $this->placer->place($nextDraft);
                $worse = self::cost($next) - self::cost($now);
                if ($worse <= 0.0 || $this->dice(1_000_000) / 1_000_000.0 < exp(-$worse / $heat)) {
                    [$now, $draft] = [$next, $nextDraft];
                }
                ++$idle;
                if ($next->isBetterThan($best)) {
                    [$best, $bestDraft] = [$next, $nextDraft];
                    $idle = 0;
                }
            }
            if (0 === $best->worth[0] && 0 === $best->worth[1] && $best->worth[2] <= $bound && $idle > 20 * $blocks) {
                break;
            }
        }

        return $best;
    }

    private function dice(int $sides): int
    {
        return ($this->dice)($sides);
    }

    public function evaluations(): int
    {
        return $this->placer->evaluations;
    }

    private static function cost(Timetable $table): float
    {
        return 1e9 * $table->worth[0] + 1e6 * $table->worth[1] + $table->worth[2] + 0.01 * $table->worth[3] + 0.1 * $table->worth[4];
    }

    /**
     * By apparent tardiness cost (Vepsalainen and Morton 1987): weight ÷ work, less the more slack there is, as time goes on.
     *
     * @param array<int, int> $left minutes of each job
     *
     * @return list<int> blocks
     */
    private function byTardinessCost(array $left, float $far): array
    {
        $mean = max(1.0, array_sum($left) / max(1, \count($left)));
        $people = max(1, \count($this->problem->hands));
        // Hands are here for about a third of the hours.
        $pace = 3.0 / $people;
        $at = 0.0;
        $place = [];
        while ([] !== $left) {
            $best = null;
            $most = -\INF;
            foreach ($left as $j => $work) {
                $job = $this->problem->jobs[$j];
                $urge = log(max(1e-6, $job->weight) / max(1, $work)) - max(0.0, $job->due - $work - $at) / ($far * $mean * $pace);
                if ($urge > $most) {
                    [$best, $most] = [$j, $urge];
                }
            }
            if (null === $best) {
                break;
            }
            $at += $left[$best] * $pace;
            $place[$best] = \count($place);
            unset($left[$best]);
        }
        $order = array_keys($this->placer->blocks->steps);
        $jobs = $this->placer->blocks->jobs;
        usort($order, static fn (int $a, int $b): int => [$place[$jobs[$a]], $a] <=> [$place[$jobs[$b]], $b]);

        return $order;
    }

    /**
     * Orders of plain list scheduling: by due date, by weight, by weighted due date, by slack.
     *
     * @return list<list<int>>
     */
    private function plain(): array
    {
        $blocks = $this->placer->blocks;
        $ids = array_keys($blocks->steps);
        $left = [];
        foreach ($this->problem->jobs as $j => $job) {
            $left[$j] = array_sum(array_map(fn (int $i): int => $this->problem->steps[$i]->minutes, $job->steps));
        }
        $orders = [];
        foreach ([
            static fn (Promised $job, int $work): float => $job->due,
            static fn (Promised $job, int $work): float => -$job->weight,
            static fn (Promised $job, int $work): float => $job->due / max(0.01, $job->weight),
            static fn (Promised $job, int $work): float => $job->due - $work,
            static fn (Promised $job, int $work): float => $work / max(0.01, $job->weight),
        ] as $rank) {
            $ranks = [];
            foreach ($ids as $block) {
                $job = $blocks->jobs[$block];
                $ranks[$block] = $rank($this->problem->jobs[$job], $left[$job]);
            }
            $order = $ids;
            usort($order, static fn (int $a, int $b): int => [$ranks[$a], $a] <=> [$ranks[$b], $b]);
            $orders[] = $order;
        }
        foreach (self::LOOK_AHEAD as $far) {
            $orders[] = $this->byTardinessCost($left, $far);
        }

        return $orders;
    }

    private function neighbour(Draft $draft, Timetable $now): Draft
    {
        $order = $draft->order;
        $n = \count($order);
        $dice = $this->dice(100);
        if ($dice < 12 && \count($this->problem->hands) > 1) {
            $step = $this->oneOf(array_keys(array_filter($now->hands, static fn (?int $h): bool => null !== $h)));
            if (null === $step || isset($draft->asked[$step])) {
                return null === $step ? $draft : $draft->asking($step, null);
            }

            return $draft->asking($step, $this->oneOf(array_keys(array_filter($this->problem->hands, fn (Hand $h): bool => $h->can($this->problem->steps[$step]->skill)))));
        }
        if ($dice < 27) {
            return $this->holdBack($draft, $now);
        }
        if ($dice < ($n > self::MANY_BLOCKS ? 75 : 42)) {
            // A whole job goes before or after another.
            $jobs = $this->placer->blocks->jobs;
            $mover = $jobs[$order[$this->dice($n)]];
            $moved = array_values(array_filter($order, static fn (int $b): bool => $jobs[$b] === $mover));
            $rest = array_values(array_filter($order, static fn (int $b): bool => $jobs[$b] !== $mover));
            array_splice($rest, $this->dice(\count($rest) + 1), 0, $moved);

            return $draft->inOrder($rest);
        }
        $from = $this->dice($n);
        if ($dice < 85) {
            $to = max(0, min($n - 1, $from + ($this->dice(2) * 2 - 1) * (1 + $this->dice(max(1, min(8, $n - 1))))));
            $block = $order[$from];
            array_splice($order, $from, 1);
            array_splice($order, $to, 0, [$block]);

            return $draft->inOrder($order);
        }
        $to = $this->dice($n);
        [$order[$from], $order[$to]] = [$order[$to], $order[$from]];

        return $draft->inOrder(array_values($order));
    }

    /** A step waits until another could have been done before it: the gap that an early start would close. */
    private function holdBack(Draft $draft, Timetable $now): Draft
    {
        $held = array_keys($draft->held);
        if ([] !== $held && 0 === $this->dice(2)) {
            return $draft->holding($held[$this->dice(\count($held))], null);
        }
        $step = $this->oneOf(array_keys(array_filter($now->starts, fn (int $i): bool => !$this->problem->steps[$i]->isFixed(), \ARRAY_FILTER_USE_KEY)));
        $other = $this->oneOf(array_keys($now->starts));
        if (null === $step || null === $other || $step === $other) {
            return $draft;
        }
        $end = $now->starts[$other] + $this->problem->steps[$other]->minutes;

        return $draft->holding($step, $end > $now->starts[$step] && 0 === $this->dice(2) ? $end : $now->starts[$step] + $this->problem->steps[$other]->minutes);
    }

    /** @param list<int> $list */
    private function oneOf(array $list): ?int
    {
        return [] === $list ? null : $list[$this->dice(\count($list))];
    }
}
