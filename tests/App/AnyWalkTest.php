<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\ArrangedView;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\CallReader;
use KindHeel\App\Bench\CallView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StepsAtWork;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Timetable\JobBuilder;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Call;
use KindHeel\Core\Schedule\Urgency;
use KindHeel\Core\Treatment\Action;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Work goes on, goes wrong, is planned anew and changed by hand, in any order: nothing of it ends in a fault, and from wherever it came to the piece can
 * still be brought to its end.
 */
final class AnyWalkTest extends ApiTestCase
{
    private const ACTS = 60;
    private const MOST_ACTS_TO_THE_END = 400;

    private \Random\Randomizer $any;
    /** @var list<string> */
    private array $walked = [];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, (int) (getenv('WALKS') ?: 3)) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testNoWalkEndsInAFaultOrADeadEnd(int $seed): void
    {
        $this->any = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $this->signIn();
        $piece = $this->plannedPair(aim: ['freshen', 'restore', 'keep'][$seed % 3], severity: 2 + $seed % 3);
        for ($i = 0; $i < self::ACTS && !$this->finished($piece); ++$i) {
            $this->clock->sleep($this->any->getInt(60, 5400));
            $kind = $this->any->getInt(0, 9);
            match (true) {
                $kind < 6 => $this->work($piece),
                $kind < 7 => $this->undo($piece),
                $kind < 8 => $this->planAnew($piece),
                default => $this->change($piece),
            };
        }
        for ($i = 0; $i < self::MOST_ACTS_TO_THE_END && !$this->finished($piece); ++$i) {
            // What is refused because the plan breaks a rule is planned anew; for what dries one waits.
            if (!$this->work($piece)) {
                str_contains(end($this->walked) ?: '', 'Mend the plan first') ? $this->planAnew($piece) : $this->clock->sleep(1800);
            }
        }
        self::assertTrue($this->finished($piece), 'a dead end: '.$this->told($piece));
    }

    /** What calls, and whether something did. */
    private function work(int $piece): bool
    {
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        $this->calledOfTheWholePlan($bench, $piece);
        $call = $bench->calls[0] ?? null;
        if (null === $call) {
            return false;
        }
        [$id, $act, $body] = match ($call->urgency) {
            Urgency::Running => match (true) {
                $call->step->isLook => [$call->step->id, 'look', ['version' => $call->step->version, 'enough' => 0 < $this->any->getInt(0, 2)]],
                Action::Compare === $call->step->action => [$call->step->id, 'compare', ['version' => $call->step->version, 'answer' => 'same']],
                default => [$call->step->id, 'done', ['version' => $call->step->version, 'why' => 'There is none.']],
            },
            Urgency::Test => [$call->step->id, 'gate', [
                'version' => $call->step->version,
                'answer' => $this->any->getInt(0, 3) > 0 ? 'passed' : 'not-yet',
                'why' => 'It is dry.',
            ]],
            default => null === $call->again
                ? [$call->step->id, 'start', ['version' => $call->step->version, 'why' => 'It will do.']]
                : [$call->again->id, 'again', ['version' => $call->again->version]],
        };

        return $this->did("$act “{$call->step->title}”", 'POST', "/api/steps/$id/$act", $body);
    }

    /** The bench reads little of a plan: what it calls and counts is what it would be with every step read. */
    private function calledOfTheWholePlan(BenchView $bench, int $piece): void
    {
        $steps = self::getContainer()->get(Steps::class)->ofPiece($piece);
        $done = \count(array_filter($steps, static fn (StepRecord $s): bool => $s->isDone()));
        $whole = new StepsAtWork($steps, [], $done, \count($steps), []);
        $ahead = self::getContainer()->get(TimetableStore::class)->read();
        $tomas = Row::first($this->connection(), "SELECT id FROM person WHERE login = 'tomas'")?->int('id') ?? 0;
        $job = JobBuilder::stored($piece, $this->clock->now(), $steps);
        $calls = CallReader::order([$job], [$piece => $whole], $tomas, $ahead, $this->clock->now());
        $called = static fn (int $step, Urgency $urgency): string => $step.' '.$urgency->value;
        self::assertSame(
            array_map(static fn (Call $c): string => $called($c->task->id, $c->urgency), $calls),
            array_map(static fn (CallView $c): string => $called($c->step->id, $c->urgency), $bench->calls),
        );
        foreach ($bench->rack as $shown) {
            self::assertSame([$done, \count($steps)], [$shown->stepsDone, $shown->stepsAll]);
            self::assertEquals(ArrangedView::of($steps, $shown->kind), $shown->arranged);
            $now = $this->clock->now()->getTimestamp();
            $drying = array_filter($steps, static fn (StepRecord $s): bool => $s->dries() && ($s->coat->at(Stage::Full) ?? \PHP_INT_MAX) > $now);
            self::assertEqualsCanonicalizing(array_column($drying, 'id'), array_column($shown->coats, 'step'));
        }
    }

    private function undo(int $piece): bool
    {
        $done = Row::all($this->connection(), "SELECT id, version, title FROM plan_step WHERE piece_id = ? AND status = 'done' ORDER BY position", [$piece]);
        if ([] === $done) {
            return false;
        }
        // Mostly what was done last: there nothing lies on it yet.
        $step = $done[max(0, \count($done) - 1 - $this->any->getInt(0, 3))];
        $act = ['again', 'spoiled', 'take-back'][$this->any->getInt(0, 2)];

        $body = ['version' => $step->int('version'), 'why' => 'It was not so.'];

        return $this->did("$act “{$step->text('title')}”", 'POST', "/api/steps/{$step->int('id')}/$act", $body);
    }

    private function planAnew(int $piece): bool
    {
        return $this->did('planned anew', 'POST', "/api/pieces/$piece/plan", ['version' => $this->version($piece)]);
    }

    private function change(int $piece): bool
    {
        $open = Row::all($this->connection(), "SELECT step_key FROM plan_step WHERE piece_id = ? AND status = 'open' ORDER BY position", [$piece]);
        if ([] === $open) {
            return false;
        }
        $any = fn (): string => $open[$this->any->getInt(0, \count($open) - 1)]->text('step_key');
        $change = ['move', 'drop', 'coats', 'hurry', 'mend'][$this->any->getInt(0, 4)];
        $body = ['version' => $this->version($piece), 'change' => $change, 'step' => $any()];
        $body += match ($change) {
            'move' => ['before' => $any()],
            'coats' => ['coats' => $this->any->getInt(1, 4)],
            'hurry' => ['after' => $any()],
            'mend' => $this->fault($piece),
            default => [],
        };

        return $this->did($change.' '.$body['step'], 'POST', "/api/pieces/$piece/plan/change", $body);
    }

    /** @return array<string, string> what is wrong with a plan that was changed, as the screen offers to mend it */
    private function fault(int $piece): array
    {
        foreach ($this->must(PlanView::class, 'GET', "/api/pieces/$piece/plan")->faults as $fault) {
            return ['step' => $fault->step, 'rule' => $fault->rule];
        }

        return ['rule' => 'O-17'];
    }

    /** @param array<string, mixed> $body */
    private function did(string $what, string $method, string $path, array $body): bool
    {
        $status = $this->ask($method, $path, $body);
        $this->walked[] = "$what: $status".(200 === $status ? '' : ' '.$this->content());
        self::assertContains($status, [200, 409, 422], implode("\n", $this->walked));

        return 200 === $status;
    }

    private function version(int $piece): int
    {
        return Row::first($this->connection(), 'SELECT version FROM piece WHERE id = ?', [$piece])?->int('version') ?? 0;
    }

    private function finished(int $piece): bool
    {
        return null !== Row::first($this->connection(), 'SELECT finished_at FROM piece WHERE id = ?', [$piece])?->textOrNull('finished_at');
    }

    private function told(int $piece): string
    {
        $steps = array_map(
            static fn (Row $r): string => $r->text('status').' '.$r->text('title'),
            Row::all($this->connection(), 'SELECT status, title FROM plan_step WHERE piece_id = ? ORDER BY position', [$piece]),
        );

        return implode("\n", [...$this->walked, '---', ...$steps]);
    }
}
