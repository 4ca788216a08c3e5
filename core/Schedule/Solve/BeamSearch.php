<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Builds timetables step by step in time, many at once: at each person what could be finished first and all that could begin before that (Giffler and Thompson
 * 1960), and of all that comes of it those that promise most (beam search, Ow and Morton 1988).
 */
final class BeamSearch
{
    /** Every so many steps some are finished after another timetable's order. */
    private const FINISH_EVERY = 4;
    private const FINISHED = 12;

    private readonly Outlook $outlook;
    /** @var array<int, int> a number of its own by step (Zobrist 1970) */
    private readonly array $keys;

    /**
     * @param \Closure(int): int $random
     * @param \Closure(): bool   $goOn
     */
    public function __construct(private readonly ActivityLists $lists, private readonly \Closure $random, private readonly \Closure $goOn)
    {
        $this->outlook = new Outlook($lists);
        $keys = [];
        foreach (array_keys($lists->problem->steps) as $i) {
            $keys[$i] = $random(1 << 30) << 30 | $random(1 << 30);
        }
        $this->keys = $keys;
    }

    /**
     * @param float                     $bound  weighted tardiness that is known; what cannot be better is dropped
     * @param \Closure(BeamNode): mixed $finish gets timetables in the making now and then, and in the end the best
     */
    public function run(Beam $beam, float $bound, \Closure $finish): void
    {
        $this->outlook->byHands = $beam->byHands;
        $this->outlook->weights = $this->weights($beam->noise);
        $this->outlook->keep($beam->dates);
        $root = $this->root();
        if (!$this->outlook->assess($root)) {
            return;
        }
        $nodes = [$root];
        $levels = \count($this->lists->problem->steps) - \count($this->lists->fixed->starts);
        for ($level = 1; $level <= $levels; ++$level) {
            $next = $seen = [];
            foreach ($nodes as $node) {
                if (!($this->goOn)()) {
                    return;
                }
                foreach ($this->choices($node, $beam->idle) as [$i, $p, $at]) {
                    if (!$this->outlook->isInTime($i, $at)) {
                        continue;
                    }
                    $child = $this->with($node, $i, $p, $at);
                    if ($this->outlook->assess($child, $i) && $child->bound < $bound) {
                        $this->keep($child, $next, $seen, $beam);
                    }
                }
            }
            usort($next, static fn (BeamNode $a, BeamNode $b): int => $a->guess <=> $b->guess);
            $nodes = \array_slice($next, 0, $beam->width);
            if ($level === $levels || null === $beam->dates && 0 === $level % self::FINISH_EVERY) {
                array_map($finish, \array_slice($nodes, 0, self::FINISHED));
            }
        }
    }

    /**
     * How pressed everything is if dates are to be kept, before anything has been placed; null where they cannot be.
     *
     * @param array<int, int> $dates by job
     */
    public function pressure(array $dates): ?float
    {
        $this->outlook->keep($dates);
        $root = $this->root();

        return $this->outlook->assess($root) ? $root->guess : null;
    }

    /** @return array<int, float> */
    private function weights(float $noise): array
    {
        return array_map(fn (float $w): float => $w * exp($noise * (($this->random)(2001) / 1000.0 - 1.0)), $this->lists->weights);
    }

    private function root(): BeamNode
    {
        $problem = $this->lists->problem;
        $node = new BeamNode();
        $node->starts = $this->lists->fixed->starts;
        $node->workers = $this->lists->fixed->workers;
        $node->free = array_fill(0, \count($problem->workers), 0);
        $node->places = array_map(static fn (int $places): array => array_fill(0, $places, 0), $problem->places);
        $node->left = $node->ends = array_fill(0, \count($problem->jobs), 0);
        $begun = [];
        foreach ($problem->steps as $i => $work) {
            if ($work->isFixed()) {
                $node->ends[$work->job] = max($node->ends[$work->job], $work->fixedStart + $work->minutes);
                if ($work->minutes > 0 && $work->fixedStart <= 0) {
                    $this->occupy($node, $i, $work->fixedStart + $work->minutes);
                }
                $worker = $node->workers[$i];
                if ($worker >= 0 && $work->fixedStart >= ($begun[$work->job] ?? \PHP_INT_MIN)) {
                    $begun[$work->job] = $work->fixedStart;
                    $node->handOf[$work->job] = $worker;
                }

                continue;
            }
            if ([] !== $this->outlook->able[$i]) {
                $node->left[$work->job] += $work->minutes;
            }
            if ([] === array_filter($work->after, static fn (Lag $l): bool => !$problem->steps[$l->step]->isFixed())) {
                $node->ready[] = $i;
            }
        }

        return $node;
    }

    /**
     * At each person what could be done first and all that could begin before that; of what nobody attends the first, and what would take its place.
     *
     * @return list<array{int, int, int}>
     */
    private function choices(BeamNode $node, int $idle): array
    {
        $ends = $soonest = [];
        $first = null;
        $firstEnd = \PHP_INT_MAX;
        foreach ($node->next as [$i, $p, $at]) {
            $end = $at + $this->outlook->minutes[$i];
            if ($p >= 0) {
                $ends[$i][$p] = $end;
            } elseif ($end < $firstEnd) {
                [$first, $firstEnd] = [$i, $end];
            }
        }
        foreach ($ends as $by) {
            // Where somebody else could do it, it keeps a person from another only once that one would be done with it too.
            $end = max($by);
            foreach ($by as $p => $_) {
                $soonest[$p] = min($soonest[$p] ?? \PHP_INT_MAX, $end);
            }
        }
        $place = null === $first ? -1 : $this->outlook->place[$first];
        $choices = [];
        foreach ($node->next as [$i, $p, $at]) {
            if ($p >= 0 ? $at < $soonest[$p] + $idle : $i === $first || $place >= 0 && $this->outlook->place[$i] === $place && $at < $firstEnd) {
                $choices[] = [$i, $p, $at];
            }
        }

        return $choices;
    }

    private function with(BeamNode $node, int $i, int $p, int $at): BeamNode
    {
        $child = clone $node;
        $end = $at + $this->outlook->minutes[$i];
        $job = $this->lists->problem->steps[$i]->job;
        $child->starts[$i] = $at;
        $child->workers[$i] = $p;
        if ($p >= 0) {
            $child->free[$p] = $end;
            $child->left[$job] -= $this->outlook->minutes[$i];
            $child->jobOf[$p] = $job;
            $child->handOf[$job] = $p;
        }
        $this->occupy($child, $i, $end);
        if ($end > $child->ends[$job]) {
            $child->ends[$job] = $end;
        }
        $child->key ^= $this->keys[$i];
        $ready = [];
        foreach ($node->ready as $k) {
            if ($k !== $i) {
                $ready[] = $k;
            }
        }
        foreach ($this->outlook->after[$i] as $k) {
            foreach ($this->lists->problem->steps[$k]->after as $lag) {
                if (!isset($child->starts[$lag->step])) {
                    continue 2;
                }
            }
            $ready[] = $k;
        }
        $child->ready = $ready;

        return $child;
    }

    private function occupy(BeamNode $node, int $i, int $until): void
    {
        $place = $this->outlook->place[$i];
        if ($place >= 0) {
            $node->places[$place][0] = max($until, $node->places[$place][0]);
            if (isset($node->places[$place][1])) {
                sort($node->places[$place]);
            }
        }
    }

    /**
     * @param array<int, BeamNode>  $next
     * @param array<int, list<int>> $seen where in them those are that have placed the same
     *
     * @param-out array<int, BeamNode> $next
     */
    private function keep(BeamNode $child, array &$next, array &$seen, Beam $beam): void
    {
        $alike = $seen[$child->key] ?? [];
        $worst = null;
        foreach ($alike as $k) {
            $known = $next[$k];
            $earlier = $known->guess <= $child->guess
                && ($beam->exact ? self::isEarlier($known, $child) : array_sum($known->free) <= array_sum($child->free));
            if ($earlier) {
                return;
            }
            if (null === $worst || $known->guess > $next[$worst]->guess) {
                $worst = $k;
            }
        }
        if (null === $worst || \count($alike) < $beam->alike) {
            $seen[$child->key][] = \count($next);
            $next[] = $child;
        } elseif ($next[$worst]->guess > $child->guess) {
            $next[$worst] = $child;
        }
    }

    /** Everything that could come next could begin as early there. */
    private static function isEarlier(BeamNode $one, BeamNode $other): bool
    {
        foreach ($one->next as $number => [, , $at]) {
            if (!isset($other->next[$number]) || $at > $other->next[$number][2]) {
                return false;
            }
        }

        return true;
    }
}
