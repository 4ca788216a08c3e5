<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\LeavingView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was done by mistake is as if it had not been done, and the ledger keeps both lines. */
final class TakeBackTest extends ApiTestCase
{
    public function testAStepThatWasEndedTooSoonGoesOnWithItsMinutesAndTeachesNothing(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $step = $this->workUntil('Brush the dust off')->step;
        $begun = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version])->calls[0]->step;
        $this->clock->sleep(120);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", ['version' => $begun->version]);
        $last = $bench->lastAct ?? self::fail('It can be taken back.');
        self::assertSame([$step->id, Event::Done, $step->title], [$last->step, $last->event, $last->title]);
        $learned = $this->counted();
        $this->clock->sleep(60);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/take-back", ['version' => $last->version]);
        self::assertSame([$step->id, StepStatus::Running, $begun->startedAt], [
            $bench->calls[0]->step->id, $bench->calls[0]->step->status, $bench->calls[0]->step->startedAt,
        ]);
        self::assertSame($learned - 1, $this->counted(), 'a mistake is not learned from');
        $events = array_map(static fn ($e): Event => $e->event, $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
        self::assertContains(Event::TakenBack, $events);
        self::assertContains(Event::Done, $events);
        $this->clock->sleep(60);
        $running = $bench->calls[0]->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", ['version' => $running->version]);
        self::assertSame(4.0, Row::first($this->connection(), 'SELECT TIMESTAMPDIFF(SECOND, started_at, ended_at) / 60 AS m FROM plan_step WHERE id = ?', [
            $step->id,
        ])?->float('m'));
    }

    public function testATestThatWasPassedByMistakeIsOpenAgain(): void
    {
        $this->signIn();
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $this->doCall($this->workUntil('Paint'));
        $paint = $this->done($id, 'Paint');
        $this->clock->sleep(3600);
        foreach (['passed' => Event::GatePassed, 'not-yet' => Event::GateNotYet] as $answer => $event) {
            $before = $this->row($paint->id);
            $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/gate", ['version' => $before->int('version'), 'answer' => $answer]);
            self::assertSame($event, $bench->lastAct?->event);
            $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/take-back", ['version' => $bench->lastAct->version]);
            $after = $this->row($paint->id);
            foreach (['gate_passed_at', 'not_yet_at', 'added_minutes', 'touch_at', 'recoat_from_at', 'full_at', 'ended_at', 'status'] as $column) {
                self::assertSame($before->textOrNull($column), $after->textOrNull($column), $column);
            }
        }
    }

    public function testWhatWasNotSpoiledIsAsItWas(): void
    {
        $this->signIn();
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $this->doCall($this->workUntil('Paint'));
        $paint = $this->done($id, 'Paint');
        $told = fn (): array => array_map(static function (StepView $s): array {
            $waits = array_column(array_map(static fn ($w): array => [$w->step, $w->minMinutes], $s->waits), 1, 0);
            ksort($waits);

            return [$s->title, $s->status, $s->spoiled, $waits];
        }, $this->plan($id));
        $before = $told();
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/spoiled", ['version' => $paint->version]);
        self::assertNotSame($before, $told());
        self::assertSame(Event::Spoiled, $bench->lastAct?->event);
        $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/take-back", ['version' => $bench->lastAct->version]);
        self::assertEquals($before, $told());
        self::assertSame([], $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->faults);
    }

    public function testWhatSomethingRestsOnOrAnotherDidTakesAReasonAndMoreThanAnApprentice(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Brush the dust off'));
        $dust = $this->done($id, 'Brush the dust off');
        $next = $this->workUntil('Wipe')->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$next->id}/start", ['version' => $next->version]);
        $problem = $this->refused(409, 'POST', "/api/steps/{$dust->id}/take-back", ['version' => $dust->version]);
        self::assertSame('“'.$next->title.'” rests on it.', $problem->detail);
        $this->signIn('wren');
        $this->refused(409, 'POST', "/api/steps/{$dust->id}/take-back", ['version' => $dust->version]);
        $this->refused(403, 'POST', "/api/steps/{$dust->id}/take-back", ['version' => $dust->version, 'why' => 'I think so']);
        $this->signIn('nell');
        self::assertNull($this->must(BenchView::class, 'GET', '/api/bench')->lastAct, 'what another did is not offered');
        $this->must(BenchView::class, 'POST', "/api/steps/{$dust->id}/take-back", ['version' => $dust->version, 'why' => 'The wrong pair was ticked.']);
        $entry = self::firstOf($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e): bool => Event::TakenBack === $e->event);
        self::assertStringContainsString('The wrong pair was ticked.', $entry->text);
        // Tomas is at the next step by now: he goes on with it later.
        self::assertSame('open', $this->row($dust->id)->text('status'));
        self::assertGreaterThanOrEqual(0, $this->row($dust->id)->int('worked_seconds'));
    }

    /** @return iterable<string, array{string}> */
    public static function nothing(): iterable
    {
        yield 'never begun' => ['Put the laces'];
        yield 'taken back already' => ['Brush the dust off'];
    }

    #[DataProvider('nothing')]
    public function testWhatWasNotDoneCannotBeTakenBack(string $title): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Brush the dust off'));
        $step = self::firstOf($this->plan($id), static fn (StepView $s): bool => str_starts_with($s->title, $title));
        for ($i = 0; $i < 2 && StepStatus::Open !== $step->status; ++$i) {
            $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/take-back", ['version' => $step->version]);
            $step = self::firstOf($this->plan($id), static fn (StepView $s): bool => str_starts_with($s->title, $title));
        }
        self::assertSame(StepStatus::Open, $step->status);
        self::assertSame('There is nothing here to take back.', $this->refused(409, 'POST', "/api/steps/{$step->id}/take-back", [
            'version' => $step->version,
        ])->detail);
    }

    public function testAPairThatWasHandedOverByMistakeIsHereAgain(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $last = $this->workUntil('Look at the pair');
        $this->doCall($last);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack);
        $act = $this->must(BenchView::class, 'GET', '/api/bench')->lastAct ?? self::fail('It can be taken back.');
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$act->step}/take-back", ['version' => $act->version]);
        self::assertSame([$id], array_map(static fn ($p): int => $p->piece, $bench->rack));
        self::assertSame(StepStatus::Running, $bench->calls[0]->step->status);
    }

    public function testOfWhatIsDoneOnlyThatIsTakenBackAndOfWhatIsGoneNothing(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        $dust = $this->done($id, 'Brush the dust off');
        $why = ['version' => $dust->version, 'why' => 'It was not.'];
        self::assertStringContainsString('is done', $this->refused(409, 'POST', "/api/steps/{$dust->id}/take-back", $why)->detail);
        $ticket = Row::first($this->connection(), 'SELECT ticket_id FROM piece WHERE id = ?', [$id])?->int('ticket_id');
        $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket/collect", ['pieces' => [$id], 'by' => 'She', 'paid' => 'later']);
        self::assertNull($this->must(BenchView::class, 'GET', '/api/bench')->lastAct, 'it is not offered');
        $last = $this->done($id, 'Look at the pair');
        self::assertStringContainsString('collected', $this->refused(409, 'POST', "/api/steps/{$last->id}/take-back", [
            'version' => $last->version, 'why' => 'It was not.',
        ])->detail);
    }

    public function testWhatWasPutDownByMistakeIsInHandAgain(): void
    {
        $this->signIn();
        $this->plannedPair();
        $step = $this->workUntil('Brush the dust off')->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version]);
        $this->clock->sleep(90);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/put-down", ['version' => $step->version + 1]);
        self::assertSame(Event::PutDown, $bench->lastAct?->event);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/take-back", ['version' => $bench->lastAct->version]);
        self::assertSame([$step->id, StepStatus::Running], [$bench->calls[0]->step->id, $bench->calls[0]->step->status]);
    }

    /** @return list<StepView> */
    private function plan(int $piece): array
    {
        return $this->must(PlanView::class, 'GET', "/api/pieces/$piece/plan")->steps;
    }

    private function done(int $piece, string $title): StepView
    {
        return self::firstOf($this->plan($piece), static fn (StepView $s): bool => str_starts_with($s->title, $title) && StepStatus::Done === $s->status);
    }

    private function row(int $step): Row
    {
        return Row::first($this->connection(), 'SELECT * FROM plan_step WHERE id = ?', [$step]) ?? self::fail('It is gone.');
    }

    private function counted(): int
    {
        return Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM evidence WHERE set_aside = 0')?->int('n') ?? 0;
    }
}
