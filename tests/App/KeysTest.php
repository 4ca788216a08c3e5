<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\TapeView;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Schedule\Urgency;

/** One key each: interrupted, handed on, spoiled; a window that is missed; and what was done out of reach. */
final class KeysTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAnInterruptedStepGoesOnWithTheMinutesThatAreLeftOfIt(): void
    {
        $id = $this->plannedPair();
        $step = $this->begin('Wipe');
        $this->clock->sleep(60);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/interrupt", ['version' => $step->version]);
        $open = self::firstOf($bench->calls, static fn ($c): bool => $c->step->id === $step->id);
        self::assertSame(Urgency::Open, $open->urgency);
        $block = self::firstOf(
            array_merge(...array_map(static fn (TapeView $t): array => $t->today, $bench->tapes)),
            static fn ($b): bool => $b->step === $step->id && !$b->done,
        );
        self::assertSame((int) ceil($step->minutes - 1) * 60, strtotime($block->end) - strtotime($block->start));
        $this->clock->sleep(3600);
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $open->step->version]);
        $this->clock->sleep(120);
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", ['version' => $open->step->version + 1]);
        $done = self::firstOf(
            $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries,
            static fn ($e): bool => Event::Done === $e->event && $e->text === $step->title,
        );
        self::assertSame(3, $done->realMinutes, 'the hour between is not counted');
    }

    public function testAHelperGoesOnAndTheFirstIsFreeForSomethingElse(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $step = $this->begin('Wipe');
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        $helper = self::firstOf($bench->tapes, static fn (TapeView $t): bool => 'Wren' === $t->name);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/hand-on", ['version' => $step->version, 'person' => $helper->person]);
        self::assertNotSame($step->id, $bench->calls[0]->step->id);
        self::assertSame(['Wren'], self::firstOf($bench->rack, static fn ($p): bool => $p->piece === $step->piece)->atWork);
        self::assertContains(
            $step->id,
            array_map(static fn ($b): int => $b->step, $bench->tapes[(int) array_search($helper->person, array_column($bench->tapes, 'person'), true)]->today),
        );
        $this->refused(409, 'POST', "/api/steps/{$step->id}/hand-on", ['version' => $step->version + 1, 'person' => $helper->person]);
        $this->refused(422, 'POST', "/api/steps/{$step->id}/hand-on", ['version' => $step->version + 1, 'person' => 99999]);
        $next = $bench->calls[0];
        $this->must(BenchView::class, 'POST', "/api/steps/{$next->step->id}/start", ['version' => $next->step->version]);
        $back = $this->refused(409, 'POST', "/api/steps/{$step->id}/hand-on", ['version' => $step->version + 1, 'person' => $bench->tapes[0]->person]);
        self::assertStringContainsString('Tomas is still at', $back->detail);
    }

    public function testASpoiledCoatDriesIsKeyedAndLaidAnewAndTheLedgerKeepsTheLostMinutes(): void
    {
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $this->doCall($this->workUntil('Paint'));
        $paint = self::firstOf($this->plan($id), static fn (StepView $s): bool => str_starts_with($s->title, 'Paint') && StepStatus::Done === $s->status);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/spoiled", ['version' => $paint->version, 'why' => 'a hair in it']);
        self::assertNotSame([], $bench->calls);
        $plan = $this->plan($id);
        $again = self::firstOf($plan, static fn (StepView $s): bool => $paint->title.', once more' === $s->title);
        $at = (int) array_search($again, $plan, true);
        self::assertSame(
            ['Key the surface', 'Brush the dust off, dry', 'Degrease with alcohol'],
            array_map(static fn (StepView $s): string => $s->title, \array_slice($plan, $at - 3, 3)),
        );
        $spoiled = self::firstOf($plan, static fn (StepView $s): bool => $s->id === $paint->id);
        self::assertSame([true, StepStatus::Done, false], [$spoiled->spoiled, $spoiled->status, $again->spoiled]);
        self::assertContains($paint->key, array_map(static fn ($w): string => $w->step, $plan[$at - 3]->waits), 'it is dry before it is keyed');
        self::assertSame([], $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->faults, 'what the rules put in is what they allow');
        $entry = self::firstOf($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e): bool => Event::Spoiled === $e->event);
        self::assertStringContainsString('a hair in it', $entry->text);
        self::assertGreaterThan(0, $entry->realMinutes);
        $this->refused(409, 'POST', "/api/steps/{$paint->id}/spoiled", ['version' => $spoiled->version]);
        $this->doCall($this->workUntil('Key the surface'));
        self::assertSame($again->id, $this->workUntil('Paint')->step->id, 'it is laid anew before the next coat');
    }

    public function testACoatThatIsSpoiledWhileItIsLaidDriesFromThen(): void
    {
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $paint = $this->workUntil('Paint')->step;
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/start", ['version' => $paint->version])->calls[0]->step;
        $this->clock->sleep(240);
        $this->must(BenchView::class, 'POST', "/api/steps/{$paint->id}/spoiled", ['version' => $running->version]);
        $spoiled = self::firstOf($this->plan($id), static fn (StepView $s): bool => $s->id === $paint->id);
        self::assertSame([true, StepStatus::Done], [$spoiled->spoiled, $spoiled->status]);
        $call = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0];
        self::assertNotSame('Key the surface', $call->step->title, 'it is wet');
        self::assertSame([], $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->faults);
    }

    public function testAMissedWindowPutsTheKeyAndTheWipeInByItselfAndOnce(): void
    {
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $this->doCall($this->workUntil('Paint'));
        $this->doCall($this->workUntil('Paint'));
        $before = $this->plan($id);
        $second = self::firstOf($before, static fn (StepView $s): bool => str_contains($s->title, 'coat 2 of 2') && str_starts_with($s->title, 'Paint'));
        $minutes = array_sum(array_map(static fn (StepView $s): float => $s->minutes, $before));
        $this->clock->sleep(2 * 86400);
        $this->must(BenchView::class, 'GET', '/api/bench');
        $this->must(BenchView::class, 'GET', '/api/bench');
        $plan = $this->plan($id);
        $at = (int) array_search($second->id, array_map(static fn (StepView $s): int => $s->id, $plan), true);
        self::assertSame(
            ['Key the surface', 'Brush the dust off, dry', 'Degrease with alcohol'],
            array_map(static fn (StepView $s): string => $s->title, \array_slice($plan, $at - 3, 3)),
        );
        self::assertSame([$second->half, []], [$plan[$at - 3]->half, $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->faults]);
        self::assertSame('W-7', $plan[$at - 1]->because[0]->rule);
        self::assertCount(\count($before) + 6, $plan, 'both halves, each keyed, dusted off and wiped');
        self::assertGreaterThan($minutes + 4, array_sum(array_map(static fn (StepView $s): float => $s->minutes, $plan)));
        $keyed = array_filter($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e): bool => Event::Keyed === $e->event);
        self::assertCount(2, $keyed);
        // It can be worked to its end: nothing waits for a window that has closed.
        $this->doCall($this->workUntil('Key the surface'));
        $paint = $this->workUntil('Paint');
        self::assertStringContainsString('coat 2 of 2', $paint->step->title);
        $this->doCall($paint);
    }

    public function testWhatWasDoneOutOfReachIsWrittenWithItsOwnTimeAndOnlyOnce(): void
    {
        $id = $this->plannedPair();
        $call = $this->workUntil('Brush the dust');
        $at = $this->clock->now();
        $this->clock->sleep(5400);
        $start = ['version' => $call->step->version, 'at' => $at->modify('+1 minute')->format(\DATE_RFC3339)];
        $done = ['version' => $call->step->version + 1, 'at' => $at->modify('+5 minutes')->format(\DATE_RFC3339)];
        foreach ([1, 2] as $time) {
            foreach (['start' => $start, 'done' => $done] as $what => $body) {
                self::assertSame(200, $this->ask('POST', "/api/steps/{$call->step->id}/$what", $body, ['Idempotency-Key' => 'away-'.$what]), $what.' '.$time);
            }
        }
        $entries = array_values(
            array_filter(
                $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries,
                static fn ($e): bool => $e->text === $call->step->title && Event::Done === $e->event,
            ),
        );
        self::assertCount(1, $entries);
        self::assertSame([4, $at->modify('+5 minutes')->getTimestamp()], [$entries[0]->realMinutes, strtotime($entries[0]->at)]);

        $next = $this->nextCall();
        $problem = $this->refused(409, 'POST', "/api/steps/{$next->step->id}/start", ['version' => $next->step->version, 'at' => '2026-03-09T09:00:00+01:00']);
        self::assertStringContainsString('Is the clock of that device right?', $problem->detail);
        $this->refused(422, 'POST', "/api/steps/{$next->step->id}/start", ['version' => $next->step->version, 'at' => 'a while ago']);
    }

    public function testADeviceMayBeTwoMinutesAheadAndADayAndAHalfLate(): void
    {
        $this->plannedPair();
        $call = $this->nextCall();
        $step = "/api/steps/{$call->step->id}";
        $told = fn (string $by): array => ['version' => $call->step->version, 'at' => $this->clock->now()->modify($by)->format(\DATE_RFC3339)];
        $this->clock->sleep(2 * 86_400);
        foreach (['+3 minutes', '+1 day', '-37 hours'] as $by) {
            $refusal = $this->refused(409, 'POST', "$step/start", $told($by));
            self::assertStringContainsString('clock of that device', $refusal->detail, $by);
        }
        $begun = $this->must(BenchView::class, 'POST', "$step/start", $told('+1 minute'))->calls[0]->step;
        self::assertSame($this->clock->now()->getTimestamp(), strtotime((string) $begun->startedAt), 'never later than now');
        $this->must(BenchView::class, 'POST', "$step/put-down", ['version' => $begun->version]);
        $again = ['version' => $begun->version + 1] + $told('-35 hours');
        $begun = $this->must(BenchView::class, 'POST', "$step/start", $again)->calls[0]->step;
        self::assertSame($this->clock->now()->modify('-35 hours')->getTimestamp(), strtotime((string) $begun->startedAt));
    }

    public function testAnActWhoseAnswerWasLostIsNotDoneTwiceWhenItIsSentOnceMoreWithItsTime(): void
    {
        $id = $this->plannedPair();
        $call = $this->workUntil('Brush the dust');
        $path = "/api/steps/{$call->step->id}/start";
        self::assertSame(200, $this->ask('POST', $path, ['version' => $call->step->version], ['Idempotency-Key' => 'lost']));
        $this->clock->sleep(1800);
        self::assertSame(
            200,
            $this->ask(
                'POST',
                $path,
                [
                    'version' => $call->step->version,
                    'at' => $this->clock
                        ->now()
                        ->modify('-29 minutes')
                        ->format(\DATE_RFC3339),
                ],
                ['Idempotency-Key' => 'lost'],
            ),
        );
        $started = array_filter(
            $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries,
            static fn ($e): bool => Event::Started === $e->event && $e->text === $call->step->title && $e->half === $call->step->half,
        );
        self::assertCount(1, $started);
        self::assertSame(
            409,
            $this->ask('POST', $path, ['version' => $call->step->version, 'why' => 'another act'], ['Idempotency-Key' => 'lost']),
            'another body is another act',
        );
    }

    private function begin(string $title): StepView
    {
        $call = $this->workUntil($title);

        return $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version])->calls[0]->step;
    }

    /** @return list<StepView> */
    private function plan(int $id): array
    {
        return $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
    }
}
