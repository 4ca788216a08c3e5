<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Block;
use KindHeel\Core\Schedule\Call;
use KindHeel\Core\Schedule\Fit;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\NextUp;
use KindHeel\Core\Schedule\Standing;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Schedule\Urgency;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever stands on the bench: what is offered to the hands may be done, in an order that holds. */
final class FitTest extends TestCase
{
    private const NOW = '2026-03-02T14:00:00+01:00';

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            yield 'bench '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testWhatFitsIsDoneInTimeInOrderAndLeavesNothingThatWouldStillFit(int $seed): void
    {
        $jobs = $this->bench($seed);
        $now = new \DateTimeImmutable(self::NOW);
        foreach ([10, 25, 60, 240] as $minutes) {
            $blocks = Fit::into($minutes, array_values($jobs), [], $now);
            $until = $now->modify("+$minutes minutes");
            $free = $now;
            $ends = [];
            foreach ($blocks as $block) {
                self::assertGreaterThanOrEqual($free, $block->start, 'hands do one thing');
                self::assertLessThanOrEqual($until, $block->end);
                self::assertArrayNotHasKey($block->task->id, $ends, 'nothing is done twice');
                self::assertNull($block->task->doneAt);
                $this->mayBegin($block, $jobs[$block->task->piece], $ends, $now);
                $ends[$block->task->id] = $free = $block->end;
            }
            foreach ($jobs as $job) {
                foreach ($job->open as $task) {
                    if (isset($ends[$task->id]) || $task->running) {
                        continue;
                    }
                    $opens = $this->opens($task, $job, $ends, $now);
                    $start = null === $opens ? null : max($free, $opens);
                    self::assertTrue(
                        null === $start || $start->modify('+'.$task->minutesLeft($now).' minutes') > $until,
                        "“{$task->title}” of piece {$task->piece} would still fit into $minutes minutes",
                    );
                }
            }
        }
    }

    #[DataProvider('seeds')]
    public function testACallIsForWhatMayBeDoneAndTheMostPressingComesFirst(int $seed): void
    {
        $jobs = $this->bench($seed);
        $now = new \DateTimeImmutable(self::NOW);
        $calls = NextUp::order(array_values($jobs), $now);
        $called = array_map(static fn (Call $c): int => $c->task->id, $calls);
        self::assertSame($called, array_values(array_unique($called)), 'each once');
        foreach ($jobs as $job) {
            foreach ($job->tasks as $task) {
                $standing = null === $task->doneAt && !$task->running ? $job->readiness($task, $now)->standing : null;
                if ($task->running || Standing::Open === $standing || Standing::Late === $standing) {
                    self::assertContains($task->id, $called, $task->title);
                } elseif (null !== $standing) {
                    self::assertNotContains($task->id, $called, $task->title);
                } elseif (!$task->gateIsDue($now)) {
                    self::assertNotContains($task->id, $called, 'its test is not due: '.$task->title);
                }
            }
        }
        $order = [Urgency::Running, Urgency::Closing, Urgency::Test, Urgency::Open, Urgency::Missed];
        $ranks = array_map(static fn (Call $c): int|false => array_search($c->urgency, $order, true), $calls);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        $open = array_values(array_filter($calls, static fn (Call $c): bool => Urgency::Open === $c->urgency));
        $first = $open[\count($open) - 1] ?? null;
        if (null !== $first) {
            $again = NextUp::order(array_values($jobs), $now, [$first->task->id => 0]);
            $next = array_values(array_filter($again, static fn (Call $c): bool => Urgency::Open === $c->urgency));
            self::assertSame($first->task->id, $next[0]->task->id, 'the order that was foreseen goes before the date');
        }
    }

    /**
     * @param array<int, \DateTimeImmutable> $ends
     */
    private function mayBegin(Block $block, Job $job, array $ends, \DateTimeImmutable $now): void
    {
        $opens = $this->opens($block->task, $job, $ends, $now);
        self::assertNotNull($opens, $block->task->title.' was not free');
        self::assertGreaterThanOrEqual($opens, $block->start, $block->task->title);
    }

    /**
     * From the waits themselves: null while something before it is neither done nor taken up.
     *
     * @param array<int, \DateTimeImmutable> $ends
     */
    private function opens(Task $task, Job $job, array $ends, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        $opens = $now;
        foreach ($task->after as $bond) {
            $earlier = $job->tasks[$bond->step];
            if (isset($ends[$earlier->id])) {
                $opens = max($opens, $ends[$earlier->id]->modify('+'.(int) round(60 * ($task->usual[$bond->step] ?? 0.0)).' seconds'));
            } elseif (null === $earlier->doneAt) {
                return null;
            } elseif (null !== $bond->from && !$earlier->gatePassed) {
                $reached = $earlier->reaches($bond->from);
                if (null === $reached) {
                    return null;
                }
                $opens = max($opens, $reached);
            }
        }

        return $opens;
    }

    /** @return array<int, Job> by piece: steps in a row, some of them done, some drying, one under way now and then */
    private function bench(int $seed): array
    {
        $any = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $now = new \DateTimeImmutable(self::NOW);
        $jobs = [];
        for ($piece = 1; $piece <= 4; ++$piece) {
            $tasks = [];
            $done = $any->getInt(0, 4);
            for ($n = 0; $n < 8; ++$n) {
                $after = 0 === $n ? [] : [new After('s'.($n - 1), $any->getInt(0, 1) > 0 ? Stage::Next : null)];
                if ($n > 2 && 0 === $any->getInt(0, 3)) {
                    $after[] = new After('s'.($n - 2), Stage::Next);
                }
                $isDone = $n < $done;
                $laid = $now->modify('-'.$any->getInt(5, 90).' minutes');
                $tasks[] = new Task(
                    100 * $piece + $n,
                    $piece,
                    's'.$n,
                    $n,
                    "step $n of $piece",
                    (float) $any->getInt(2, 20),
                    $after,
                    running: !$isDone && $n === $done && 0 === $any->getInt(0, 4),
                    doneAt: $isDone ? $laid : null,
                    moments: $isDone ? ['next' => $laid->modify('+'.$any->getInt(1, 200).' minutes')->getTimestamp()] : [],
                    gateFrom: $isDone && 0 === $any->getInt(0, 2) ? Stage::Next : null,
                    gatePassed: false,
                    usual: array_fill_keys(array_map(static fn (After $a): string => $a->step, $after), (float) $any->getInt(0, 40)),
                );
            }
            $jobs[$piece] = new Job($piece, $now->modify('+'.$any->getInt(1, 9).' days'), $tasks);
        }

        return $jobs;
    }
}
