<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Blocks;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Worker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which steps are placed together, against the definition worked out the long way; and what that costs where all wait for all. */
final class BlocksTest extends TestCase
{
    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testStepsAreTogetherWhereWindowsTieThemOrTheirBlocksWaitForEachOther(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $n = $random->getInt(2, 24);
        $after = [];
        for ($i = 0; $i < $n; ++$i) {
            $after[$i] = [];
            for ($j = 0; $j < $i; ++$j) {
                if (0 === $random->getInt(0, 5)) {
                    $after[$i][] = new Lag($j, 5, 0 === $random->getInt(0, 2) ? 20 : null);
                }
            }
        }
        $blocks = Blocks::of(self::problem($after));
        $together = self::together($after);
        $block = $blocks->of;
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j < $i; ++$j) {
                self::assertSame($together[$i][$j], $block[$i] === $block[$j], "steps $j and $i");
            }
        }
        foreach ($after as $i => $lags) {
            foreach ($lags as $lag) {
                self::assertTrue($block[$i] === $block[$lag->step] || \in_array($block[$lag->step], $blocks->before[$block[$i]], true));
            }
        }
    }

    public function testHundredsOfPiecesThatWaitForEachOthersTreesTakeNoMoreRoomThanTheirSteps(): void
    {
        $after = [];
        for ($i = 0; $i < 5000; ++$i) {
            $after[] = 0 === $i ? [] : [new Lag($i - 1, 5, null)];
        }
        $problem = self::problem($after);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $blocks = Blocks::of($problem);
        self::assertCount(5000, $blocks->steps);
        self::assertLessThan(16 * 1024 * 1024, memory_get_peak_usage() - $before);
    }

    /** @param array<int, list<Lag>> $after */
    private static function problem(array $after): Problem
    {
        $steps = [];
        foreach ($after as $i => $lags) {
            $steps[] = new Activity("s$i", 0, 10, true, null, null, $lags, null);
        }

        return new Problem($steps, [new DueJob('j', 100, 1.0, array_keys($steps) ?: [0])], [new Worker('w', [], [[0, 100_000]])], []);
    }

    /**
     * @param array<int, list<Lag>> $after
     *
     * @return array<int, array<int, bool>> joined until nothing is left to be joined
     */
    private static function together(array $after): array
    {
        $n = \count($after);
        $group = range(0, $n - 1);
        $join = static function (int $a, int $b) use (&$group): void {
            $group = array_map(static fn (int $g): int => $g === $group[$b] ? $group[$a] : $g, $group);
        };
        foreach ($after as $i => $lags) {
            foreach ($lags as $lag) {
                null === $lag->max || $group[$i] === $group[$lag->step] || $join($i, $lag->step);
            }
        }
        do {
            $waits = array_fill(0, $n, array_fill(0, $n, false));
            foreach ($after as $i => $lags) {
                foreach ($lags as $lag) {
                    $waits[$group[$i]][$group[$lag->step]] = true;
                }
            }
            for ($k = 0; $k < $n; ++$k) {
                for ($i = 0; $i < $n; ++$i) {
                    for ($j = 0; $j < $n; ++$j) {
                        $waits[$i][$j] = $waits[$i][$j] || $waits[$i][$k] && $waits[$k][$j];
                    }
                }
            }
            $joined = false;
            for ($i = 0; $i < $n; ++$i) {
                for ($j = 0; $j < $i; ++$j) {
                    if ($group[$i] !== $group[$j] && $waits[$group[$i]][$group[$j]] && $waits[$group[$j]][$group[$i]]) {
                        $join($i, $j);
                        $joined = true;

                        continue 3;
                    }
                }
            }
        } while ($joined);
        $together = [];
        foreach ($group as $i => $one) {
            foreach ($group as $j => $other) {
                $together[$i][$j] = $one === $other;
            }
        }

        return $together;
    }
}
