<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

use KindHeel\Core\Text\Message;

/**
 * Steps that must be placed together because a maximum wait ties them: placing one late would break the window of the other. Blocks that wait for each other
 * are one.
 */
final readonly class Blocks
{
    /**
     * @param list<list<int>> $steps  of each block, each after those it waits for
     * @param list<list<int>> $before blocks that must be placed before
     * @param list<int>       $jobs   the job a block mostly belongs to
     * @param array<int, int> $of     the block of each step that is not fixed
     */
    private function __construct(public array $steps, public array $before, public array $jobs, public array $of)
    {
    }

    public static function of(Problem $problem): self
    {
        $n = \count($problem->steps);
        $root = range(0, max(0, $n - 1));
        $find = static function (int $i) use (&$root): int {
            while ($root[$i] !== $i) {
                $i = $root[$i] = $root[$root[$i]];
            }

            return $i;
        };
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                if (null !== $lag->max && !$work->isFixed() && !$problem->steps[$lag->step]->isFixed()) {
                    $root[$find($i)] = $find($lag->step);
                }
            }
        }
        $order = self::topological($problem);
        foreach (self::circles(self::edges($problem, $find)) as $circle) {
            foreach ($circle as $block) {
                $root[$find($block)] = $find($circle[0]);
            }
        }
        $before = self::edges($problem, $find);
        $members = [];
        foreach ($order as $i) {
            if (!$problem->steps[$i]->isFixed()) {
                $members[$find($i)][] = $i;
            }
        }
        $number = array_flip(array_keys($members));
        $edges = [];
        foreach (array_keys($members) as $block) {
            $edges[] = array_values(
                array_map(
                    static fn (int $b): int => $number[$b],
                    array_filter(array_keys($before[$block] ?? []), static fn (int $b): bool => isset($number[$b])),
                ),
            );
        }

        $of = [];
        foreach (array_values($members) as $block => $steps) {
            $of += array_fill_keys($steps, $block);
        }

        return new self(array_values($members), $edges, array_map(static fn (array $m): int => $problem->steps[$m[0]]->job, array_values($members)), $of);
    }

    /**
     * @return list<int>
     *
     * @throws \DomainException when steps wait for each other in a circle
     */
    public static function topological(Problem $problem): array
    {
        $waits = $next = [];
        foreach ($problem->steps as $i => $work) {
            $waits[$i] = \count($work->after);
            foreach ($work->after as $lag) {
                $next[$lag->step][] = $i;
            }
        }
        $ready = array_keys(array_filter($waits, static fn (int $w): bool => 0 === $w));
        $order = [];
        while ([] !== $ready) {
            $i = array_shift($ready);
            $order[] = $i;
            foreach ($next[$i] ?? [] as $j) {
                if (0 === --$waits[$j]) {
                    $ready[] = $j;
                }
            }
        }

        return \count($order) === \count($problem->steps) ? $order : throw new \DomainException(Message::of('Steps wait for each other in a circle.'));
    }

    /**
     * @param \Closure(int): int $find
     *
     * @return array<int, array<int, true>>
     */
    private static function edges(Problem $problem, \Closure $find): array
    {
        $before = [];
        foreach ($problem->steps as $i => $work) {
            if ($work->isFixed()) {
                continue;
            }
            foreach ($work->after as $lag) {
                if (!$problem->steps[$lag->step]->isFixed() && $find($i) !== $find($lag->step)) {
                    $before[$find($i)][$find($lag->step)] = true;
                }
            }
        }

        return $before;
    }

    /**
     * Blocks that wait for each other through other blocks (strongly connected components, Tarjan 1972).
     *
     * @param array<int, array<int, true>> $before
     *
     * @return list<non-empty-list<int>> each of several
     */
    private static function circles(array $before): array
    {
        $circles = $index = $low = $waiting = $isWaiting = $left = [];
        foreach (array_keys($before) as $first) {
            $path = isset($index[$first]) ? [] : [$first];
            while ([] !== $path) {
                $block = $path[\count($path) - 1];
                if (!isset($index[$block])) {
                    $index[$block] = $low[$block] = \count($index);
                    $left[$block] = array_keys($before[$block] ?? []);
                    $waiting[] = $block;
                    $isWaiting[$block] = true;
                }
                while (null !== $other = array_pop($left[$block])) {
                    if (!isset($index[$other])) {
                        $path[] = $other;

                        continue 2;
                    }
                    if (isset($isWaiting[$other])) {
                        $low[$block] = min($low[$block], $low[$other]);
                    }
                }
                array_pop($path);
                if ([] !== $path) {
                    $low[$path[\count($path) - 1]] = min($low[$path[\count($path) - 1]], $low[$block]);
                }
                if ($low[$block] === $index[$block]) {
                    $circle = [];
                    do {
                        $one = (int) array_pop($waiting);
                        $circle[] = $one;
                        unset($isWaiting[$one]);
                    } while ($one !== $block);
                    if (\count($circle) > 1) {
                        $circles[] = $circle;
                    }
                }
            }
        }

        return $circles;
    }
}
