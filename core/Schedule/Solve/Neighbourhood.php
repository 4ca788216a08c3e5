<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Candidates beside a candidate: another person asked, a step held back, a job or a block at another place in the order (neighbourhoods after Bouleimen and
 * Lecocq 2003).
 */
final readonly class Neighbourhood
{
    /**
     * @param bool               $many   so many blocks that mostly whole jobs are moved
     * @param \Closure(int): int $random
     */
    public function __construct(private Problem $problem, private Blocks $blocks, private bool $many, private \Closure $random)
    {
    }

    public function oneOf(Candidate $candidate, Timetable $now): Candidate
    {
        $order = $candidate->order;
        $n = \count($order);
        $random = ($this->random)(100);
        if ($random < ($this->many ? 4 : 12) && \count($this->problem->workers) > 1) {
            $step = $this->any(
                array_keys(array_filter($now->workers, fn (int $h, int $i): bool => $h >= 0 && isset($this->blocks->of[$i]), \ARRAY_FILTER_USE_BOTH)),
            );
            if (null === $step) {
                return $candidate;
            }
            $able = $this->problem->able($this->problem->steps[$step]);

            return $candidate->asking($step, isset($candidate->asked[$step]) ? null : $this->any($able), $this->blocks->of[$step]);
        }
        if ($random < ($this->many ? 8 : 27)) {
            return $this->holdBack($candidate, $now);
        }
        if ($random < ($this->many ? 80 : 50)) {
            return $this->moveJob($candidate, $now);
        }
        $from = ($this->random)($n);
        if ($random < 88) {
            $to = max(0, min($n - 1, $from + (($this->random)(2) * 2 - 1) * (1 + ($this->random)(max(1, min(8, $n - 1))))));
            $block = $order[$from];
            array_splice($order, $from, 1);
            array_splice($order, $to, 0, [$block]);

            return $candidate->inOrder($order, min($from, $to));
        }
        $to = ($this->random)($n);
        [$order[$from], $order[$to]] = [$order[$to], $order[$from]];

        return $candidate->inOrder(array_values($order), min($from, $to));
    }

    /** A whole job goes before or after others: often one that is late, forward, or one with time, back. */
    private function moveJob(Candidate $candidate, Timetable $now): Candidate
    {
        $order = $candidate->order;
        $jobs = $this->blocks->jobs;
        $mover = $jobs[$order[($this->random)(\count($order))]];
        $way = ($this->random)(3);
        for ($more = $way < 2 ? 3 : 0; $more > 0; --$more) {
            $other = $jobs[$order[($this->random)(\count($order))]];
            $costs = $this->lateness($now, $other) <=> $this->lateness($now, $mover);
            $mover = 0 === $way && $costs > 0 || 1 === $way && $costs < 0 ? $other : $mover;
        }
        $moved = $rest = [];
        $first = $last = 0;
        foreach ($order as $block) {
            if ($jobs[$block] === $mover) {
                $first = [] === $moved ? \count($rest) : $first;
                $last = \count($rest);
                $moved[] = $block;
            } else {
                $rest[] = $block;
            }
        }
        $to = match ($way) {
            0 => ($this->random)($last + 1),
            1 => $first + ($this->random)(\count($rest) + 1 - $first),
            default => ($this->random)(\count($rest) + 1),
        };
        array_splice($rest, $to, 0, $moved);

        return $candidate->inOrder($rest, min($first, $to));
    }

    /** What a job's lateness costs; below nothing for one that is early. */
    private function lateness(Timetable $now, int $job): float
    {
        return $this->problem->jobs[$job]->weight * ($now->ends[$job] - $this->problem->jobs[$job]->due);
    }

    /** A step waits until another could have been done before it: the gap that an early start would close. */
    private function holdBack(Candidate $candidate, Timetable $now): Candidate
    {
        $blocks = $this->blocks->of;
        $held = array_keys($candidate->held);
        if ([] !== $held && 0 === ($this->random)(2)) {
            $step = $held[($this->random)(\count($held))];

            return $candidate->holding($step, null, $blocks[$step]);
        }
        $step = $this->any(array_keys(array_intersect_key($now->starts, $blocks)));
        $other = null === $step ? null : (0 === ($this->random)(4) ? $this->any(array_keys($now->starts)) : $this->nextBeside($step, $now));
        if (null === $step || null === $other || $step === $other) {
            return $candidate;
        }
        $end = $now->starts[$other] + $this->problem->steps[$other]->minutes;
        $until = $end > $now->starts[$step] && 0 === ($this->random)(2) ? $end : $now->starts[$step] + $this->problem->steps[$other]->minutes;

        return $candidate->holding($step, $until, $blocks[$step]);
    }

    /** The step that follows at the hands or the place of this one. */
    private function nextBeside(int $step, Timetable $now): ?int
    {
        $here = $this->problem->steps[$step];
        $byHand = null === $here->station || $here->attended && 0 === ($this->random)(2);
        $next = null;
        $soonest = \PHP_INT_MAX;
        foreach ($now->starts as $other => $start) {
            if (
                $start < $soonest
                && $start > $now->starts[$step]
                && ($byHand ? $now->workers[$other] === $now->workers[$step] : $this->problem->steps[$other]->station === $here->station)
            ) {
                [$next, $soonest] = [$other, $start];
            }
        }

        return $next;
    }

    /** @param list<int> $list */
    private function any(array $list): ?int
    {
        return [] === $list ? null : $list[($this->random)(\count($list))];
    }
}
