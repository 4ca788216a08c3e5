<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Database\Row;
use KindHeel\Core\Schedule\Urgency;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Four people say anything to any step, in any order, often late and often about what has changed meanwhile: each act is either done, and then as it may be, or
 * refused in a sentence with nothing changed.
 *
 * @phpstan-type StepRow array{piece: int, status: string, version: int, by: ?int, started: ?string, ended: ?string, gate: ?string, passed: ?string}
 */
final class AnyOrderTest extends ApiTestCase
{
    private const ACTS = 70;
    /** What an act makes of a step, from what it may be. */
    private const MAKES = [
        'start' => ['open' => 'running'],
        'done' => ['running' => 'done'],
        'interrupt' => ['running' => 'open'],
        'put-down' => ['running' => 'open'],
        'hand-on' => ['running' => 'running'],
        'spoiled' => ['running' => 'open|done', 'done' => 'open|done'],
        'again' => ['done' => 'open'],
        'gate' => ['done' => 'done'],
        'take-back' => ['open' => 'open|running|done', 'running' => 'open|running|done', 'done' => 'open|running|done'],
    ];
    private const PEOPLE = ['ida', 'tomas', 'nell', 'wren'];

    private \Random\Randomizer $any;
    /** @var array<string, int> */
    private array $ids = [];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([11, 12] as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testEachActIsDoneAsItMayBeOrRefusedWithNothingChanged(int $seed): void
    {
        $this->any = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $this->signIn();
        $pieces = [$this->plannedPair(), $this->plannedPair(severity: 3), $this->plannedPair(aim: 'restore')];
        foreach (Row::all($this->connection(), 'SELECT id, login FROM person') as $row) {
            $this->ids[$row->text('login')] = $row->int('id');
        }
        $done = [];
        for ($i = 0; $i < self::ACTS; ++$i) {
            $this->clock->sleep($this->any->getInt(0, 1500));
            $who = self::PEOPLE[$this->any->getInt(0, 3)];
            $this->signIn($who);
            // To look mends what was missed; what follows is compared with how it stands after that.
            $bench = $this->must(BenchView::class, 'GET', '/api/bench');
            $accepted = $this->actAtRandom($who, $bench);
            if (null !== $accepted) {
                $done[$accepted] = 1 + ($done[$accepted] ?? 0);
            }
            $this->nothingIsImpossible();
        }
        self::assertGreaterThan(8, $done['start'] ?? 0, 'enough was done to say something');
        self::assertGreaterThan(4, $done['done'] ?? 0);
        foreach ($pieces as $piece) {
            self::assertSame(200, $this->ask('GET', "/api/pieces/$piece/plan"));
            self::assertSame(200, $this->ask('GET', "/api/ledger/$piece"));
        }
    }

    /** What was done, or nothing when it was refused. */
    private function actAtRandom(string $who, BenchView $bench): ?string
    {
        $before = $this->steps();
        $lines = $this->rows('ledger_entry');
        [$id, $act] = $this->choose($before, $bench);
        $step = $before[$id];
        $stale = 0 === $this->any->getInt(0, 7);
        $body = ['version' => $step['version'] - ($stale ? 1 : 0)] + match ($act) {
            'gate' => ['answer' => 0 === $this->any->getInt(0, 2) ? 'not-yet' : 'passed'],
            'hand-on' => ['person' => $this->ids[self::PEOPLE[$this->any->getInt(0, 3)]]],
            'start', 'take-back' => 0 === $this->any->getInt(0, 5) ? ['why' => 'I know it is.'] : [],
            default => [],
        };
        $status = $this->ask('POST', "/api/steps/$id/$act", $body);
        $said = \sprintf('%s says “%s” to step %d (%s): %d %s', $who, $act, $id, $step['status'], $status, substr($this->content(), 0, 200));
        $after = $this->steps();
        if (200 !== $status) {
            self::assertContains($status, [403, 409, 422], $said);
            self::assertSame($before, $after, $said);
            self::assertSame($lines, $this->rows('ledger_entry'), $said);

            return null;
        }
        self::assertFalse($stale, $said);
        self::assertContains($after[$id]['status'], explode('|', self::MAKES[$act][$step['status']] ?? 'nothing'), $said);
        self::assertGreaterThan($step['version'], $after[$id]['version'], $said);
        self::assertGreaterThan($lines, $this->rows('ledger_entry'), $said);
        foreach ($before as $other => $was) {
            if ($other !== $id) {
                self::assertSame([$was['status'], $was['by']], [$after[$other]['status'] ?? 'gone', $after[$other]['by'] ?? null], 'another step; '.$said);
            }
        }
        if ('hand-on' === $act) {
            self::assertSame($body['person'] ?? null, $after[$id]['by'], $said);
        }
        if ('start' === $act) {
            self::assertSame($this->ids[$who], $after[$id]['by'], $said);
        }

        return $act;
    }

    /**
     * Mostly what one would say just then, now and then anything.
     *
     * @param non-empty-array<int, StepRow> $steps
     *
     * @return array{int, string}
     */
    private function choose(array $steps, BenchView $bench): array
    {
        $acts = array_keys(self::MAKES);
        $call = $bench->calls[0] ?? null;
        if (null !== $call && $this->any->getInt(0, 9) < 7) {
            return [$call->step->id, match ($call->urgency) {
                Urgency::Running => 'done',
                Urgency::Test => 'gate',
                default => 'start',
            }];
        }
        $ids = array_keys($steps);

        return [$ids[$this->any->getInt(0, \count($ids) - 1)], $acts[$this->any->getInt(0, \count($acts) - 1)]];
    }

    private function nothingIsImpossible(): void
    {
        $hands = [];
        foreach ($this->steps() as $id => $step) {
            if ('running' === $step['status']) {
                self::assertNotNull($step['by'], "step $id");
                self::assertNotNull($step['started'], "step $id");
                self::assertNotContains($step['by'], $hands, 'hands hold one thing');
                $hands[] = $step['by'];
            }
            if ('done' === $step['status']) {
                self::assertNotNull($step['ended'], "step $id");
                self::assertGreaterThanOrEqual($step['started'], $step['ended'], "step $id");
            }
            if (null !== $step['passed']) {
                self::assertSame('done', $step['status'], "only what was laid has passed its test: step $id");
            }
        }
        $unfinished = Row::all($this->connection(), 'SELECT id FROM piece p WHERE finished_at IS NULL AND EXISTS (
            SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = \'hand-over\' AND s.status = \'done\')');
        self::assertSame([], $unfinished, 'what was handed over is finished');
    }

    /** @return non-empty-array<int, StepRow> */
    private function steps(): array
    {
        $found = [];
        foreach (
            Row::all($this->connection(), 'SELECT id, piece_id, status, version, started_by_id, started_at, ended_at, gate, gate_passed_at FROM plan_step
                ORDER BY piece_id, position') as $row
        ) {
            $found[$row->int('id')] = [
                'piece' => $row->int('piece_id'),
                'status' => $row->text('status'),
                'version' => $row->int('version'),
                'by' => $row->intOrNull('started_by_id'),
                'started' => $row->textOrNull('started_at'),
                'ended' => $row->textOrNull('ended_at'),
                'gate' => $row->textOrNull('gate'),
                'passed' => $row->textOrNull('gate_passed_at'),
            ];
        }

        return [] === $found ? self::fail('There are no steps.') : $found;
    }
}
