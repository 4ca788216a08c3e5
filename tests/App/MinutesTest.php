<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Database\Row;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use PHPUnit\Framework\Attributes\TestWith;

/** An end that was forgotten is set to when it was, and minutes are put right by whoever worked. */
final class MinutesTest extends ApiTestCase
{
    public function testAnEndForgottenOvernightIsWhenItReallyWas(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $call = $this->workUntil('Wipe');
        $begun = $this->begin($call->step);
        $this->clock->sleep(15 * 3600);
        $learned = $this->counted();
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/done", ['version' => $begun->version, 'minutes' => 6]);
        $row = $this->row($begun->id);
        self::assertSame(6, ($row->time('ended_at')->getTimestamp() - $row->time('started_at')->getTimestamp()) / 60);
        self::assertLessThan(
            strtotime($row->text('started_at')) + 3600,
            strtotime($row->text('next_at')),
            'its coat has dried since it was laid, not since somebody came in the morning',
        );
        self::assertSame($learned + 1, $this->counted(), 'six minutes are believed, a night would not have been');
        self::assertSame(6, $this->step($id, $begun->id)->tookMinutes);
    }

    public function testNobodyEndsAfterNow(): void
    {
        $this->signIn();
        $this->plannedPair();
        $begun = $this->begin($this->workUntil('Wipe')->step);
        $this->clock->sleep(120);
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/done", ['version' => $begun->version, 'minutes' => 90]);
        self::assertLessThanOrEqual($this->clock->now()->getTimestamp(), $this->row($begun->id)->time('ended_at')->getTimestamp());
    }

    #[TestWith([0])]
    #[TestWith([721])]
    #[TestWith([-5])]
    public function testMinutesThatAreNoneAreRefusedAndTheStepGoesOn(int $minutes): void
    {
        $this->signIn();
        $this->plannedPair();
        $begun = $this->begin($this->workUntil('Wipe')->step);
        $this->refused(422, 'POST', "/api/steps/{$begun->id}/done", ['version' => $begun->version, 'minutes' => $minutes]);
        self::assertSame('running', $this->row($begun->id)->text('status'));
    }

    public function testMinutesArePutRightAndWhatWasLearnedWithThem(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $begun = $this->begin($this->workUntil('Wipe')->step);
        $this->clock->sleep(12 * 60);
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/done", ['version' => $begun->version]);
        $done = $this->row($begun->id);
        $ratio = $this->learned();
        $before = $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->realMinutes;
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $done->int('version'), 'minutes' => 4]);
        self::assertSame(4, $this->step($id, $begun->id)->tookMinutes);
        self::assertEqualsWithDelta($ratio / 3, $this->learned(), 1e-6, 'four minutes for twelve');
        $after = $this->row($begun->id);
        self::assertSame([$done->text('ended_at'), $done->text('next_at')], [$after->text('ended_at'), $after->text('next_at')], 'when it ended stays');
        $ledger = $this->must(LedgerView::class, 'GET', "/api/ledger/$id");
        self::assertSame(Event::Corrected, $ledger->entries[0]->event);
        self::assertStringContainsString('it took 4 minutes, not 12', $ledger->entries[0]->text);
        self::assertSame($before - 8, $ledger->realMinutes);
    }

    public function testAnotherPutsThemRightWithAReasonAndOnlyWhatIsDone(): void
    {
        $this->signIn();
        $this->plannedPair();
        $begun = $this->begin($this->workUntil('Wipe')->step);
        $this->refused(409, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $begun->version, 'minutes' => 4]);
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/done", ['version' => $begun->version]);
        $version = $this->row($begun->id)->int('version');
        $this->signIn('wren');
        $this->refused(409, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $version, 'minutes' => 4]);
        $this->refused(403, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $version, 'minutes' => 4, 'why' => 'I saw it']);
        $this->signIn('nell');
        $problem = $this->refused(409, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $version, 'minutes' => 4]);
        self::assertStringContainsString('worked this', $problem->detail);
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/minutes", ['version' => $version, 'minutes' => 4, 'why' => 'The clock ran on.']);
        self::assertSame(4.0, $this->row($begun->id)->float('worked_seconds') / 60
            + ($this->row($begun->id)->time('ended_at')->getTimestamp() - $this->row($begun->id)->time('started_at')->getTimestamp()) / 60);
    }

    private function begin(StepView $step): StepView
    {
        return $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version])->calls[0]->step;
    }

    private function step(int $piece, int $id): StepView
    {
        return self::firstOf($this->must(PlanView::class, 'GET', "/api/pieces/$piece/plan")->steps, static fn (StepView $s): bool => $s->id === $id);
    }

    private function row(int $step): Row
    {
        return Row::first($this->connection(), 'SELECT * FROM plan_step WHERE id = ?', [$step]) ?? self::fail('It is there.');
    }

    private function counted(): int
    {
        return Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM evidence WHERE set_aside = 0')?->int('n') ?? 0;
    }

    private function learned(): float
    {
        return Row::first($this->connection(), 'SELECT ratio FROM evidence WHERE set_aside = 0 ORDER BY id DESC LIMIT 1')?->float('ratio') ?? 0.0;
    }
}
