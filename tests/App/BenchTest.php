<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

final class BenchTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAPairGoesFromTheTicketToTheLedger(): void
    {
        $id = $this->plannedPair();
        $plan = $this->must('GET', "/api/pieces/$id/plan");
        self::assertTrue($plan['made']);
        self::assertSame('Take laces and insoles off', $plan['steps'][0]['title']);
        foreach ($plan['steps'] as $step) {
            self::assertNotSame([], $step['because'], $step['title']);
            self::assertNotSame('', $step['why'].$step['how']);
        }
        for ($i = 0; $i < 400 && 'finished' !== $this->must('GET', "/api/pieces/$id")['state']; ++$i) {
            $call = $this->must('GET', '/api/bench')['calls'][0] ?? null;
            null === $call ? $this->clock->sleep(600) : $this->doCall($call);
        }
        $ledger = $this->must('GET', "/api/ledger/$id");
        $done = array_values(array_filter($ledger['entries'], static fn ($e) => 'done' === $e['event']));
        self::assertCount(\count($plan['steps']), $done);
        self::assertSame('Tomas', $done[0]['person']);
        self::assertSame([20.0, 50], [$done[0]['tempC'], $done[0]['humidity']]);
        self::assertEqualsWithDelta($ledger['plannedMinutes'], $ledger['realMinutes'], 1.0);
        self::assertSame([], $this->must('GET', '/api/bench')['rack']);
    }

    public function testACoatDriesInTheAirThereIsAndItsTestEndsTheWait(): void
    {
        $this->plannedPair();
        $wipe = $this->workUntil('Wipe');
        $this->doCall($wipe);
        $coat = $this->must('GET', '/api/bench')['rack'][0]['coats'][0];
        $laid = new \DateTimeImmutable($coat['laidAt']);
        self::assertSame(5 * 60, (new \DateTimeImmutable($coat['touchAt']))->getTimestamp() - $laid->getTimestamp());
        self::assertSame(12 * 60, (new \DateTimeImmutable($coat['nextAt']))->getTimestamp() - $laid->getTimestamp());

        $this->clock->sleep(60);
        $this->must('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 75.0, 'speedMs' => 0.1]);
        $moved = $this->must('GET', '/api/bench')['rack'][0]['coats'][0];
        // One minute at rate 1, the other eleven at half the rate.
        self::assertSame(23 * 60, (new \DateTimeImmutable($moved['nextAt']))->getTimestamp() - $laid->getTimestamp());
        self::assertSame($coat['version'], $moved['version'], 'a reading is nobody’s change');

        $problem = $this->refused(409, 'POST', "/api/steps/{$coat['step']}/gate", ['version' => $coat['version'], 'answer' => 'passed']);
        self::assertTrue($problem['overridable']);
        self::assertStringContainsString('Not to be touched before', $problem['detail']);
        $this->clock->sleep(23 * 60);
        $this->must('POST', "/api/steps/{$coat['step']}/gate", ['version' => $coat['version'], 'answer' => 'passed']);
        $this->refused(409, 'POST', "/api/steps/{$coat['step']}/gate", ['version' => $coat['version'] + 1, 'answer' => 'passed']);
    }

    public function testNotYetAddsTimeAndIsRemembered(): void
    {
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Wipe'));
        $this->clock->sleep(13 * 60);
        $call = array_values(array_filter($this->must('GET', '/api/bench')['calls'], static fn ($c) => 'test' === $c['urgency']))[0];
        $this->must('POST', "/api/steps/{$call['step']['id']}/gate", ['version' => $call['step']['version'], 'answer' => 'not-yet']);
        $bench = $this->must('GET', '/api/bench');
        self::assertNotContains('test', array_column($bench['calls'], 'urgency'));
        $coat = array_values(array_filter($bench['rack'][0]['coats'], static fn ($c) => $c['step'] === $call['step']['id']))[0];
        self::assertSame(5 * 60, (new \DateTimeImmutable($coat['gateAt']))->getTimestamp() - $this->clock->now()->getTimestamp());
        self::assertContains('gate-not-yet', array_column($this->must('GET', "/api/ledger/$id")['entries'], 'event'));
    }

    public function testWhatIsNotReadyIsRefusedWithTheReasonAndGoesOnWithAWordWhy(): void
    {
        $id = $this->plannedPair();
        $steps = $this->must('GET', "/api/pieces/$id/plan")['steps'];
        $cream = array_values(array_filter($steps, static fn ($s) => str_contains($s['title'], 'cream polish')))[0];
        $problem = $this->refused(409, 'POST', "/api/steps/{$cream['id']}/start", ['version' => $cream['version']]);
        self::assertSame(['not-ready', true], [$problem['type'], $problem['overridable']]);
        self::assertStringContainsString('is not done yet', $problem['detail']);
        $this->must('POST', "/api/steps/{$cream['id']}/start", ['version' => $cream['version'], 'why' => 'The owner wiped it at home.']);
        $overridden = array_values(array_filter($this->must('GET', "/api/ledger/$id")['entries'], static fn ($e) => 'overridden' === $e['event']))[0];
        self::assertStringContainsString('The owner wiped it at home.', $overridden['text']);
    }

    public function testAnApprenticeWorksButDoesNotOverride(): void
    {
        $id = $this->plannedPair();
        $this->signIn('wren');
        $steps = $this->must('GET', "/api/pieces/$id/plan")['steps'];
        $last = end($steps);
        self::assertFalse($this->refused(409, 'POST', "/api/steps/{$last['id']}/start", ['version' => 1])['overridable']);
        $this->refused(403, 'POST', "/api/steps/{$last['id']}/start", ['version' => 1, 'why' => 'I want to.']);
        $this->doCall($this->nextCall());
    }

    public function testTwoTabletsEndTheSameStepAndTheSecondIsTold(): void
    {
        $id = $this->plannedPair();
        $step = $this->nextCall()['step'];
        $begun = $this->must('POST', "/api/steps/{$step['id']}/start", ['version' => $step['version']])['calls'][0]['step'];
        $this->clock->sleep(180);
        $this->must('POST', "/api/steps/{$step['id']}/done", ['version' => $begun['version']]);
        $problem = $this->refused(409, 'POST', "/api/steps/{$step['id']}/done", ['version' => $begun['version']]);
        self::assertSame('changed-meanwhile', $problem['type']);
        self::assertStringContainsString('was ended at 10:03 already', $problem['detail']);
        self::assertCount(1, array_filter($this->must('GET', "/api/ledger/$id")['entries'], static fn ($e) => 'done' === $e['event']));
    }

    public function testARetriedRequestIsAnsweredOnceMoreWithoutActingTwice(): void
    {
        $id = $this->plannedPair();
        $step = $this->nextCall()['step'];
        $body = ['version' => $step['version']];
        [$status, $first] = $this->ask('POST', "/api/steps/{$step['id']}/start", $body, ['Idempotency-Key' => 'k1']);
        self::assertSame(200, $status);
        [$status, $second] = $this->ask('POST', "/api/steps/{$step['id']}/start", $body, ['Idempotency-Key' => 'k1']);
        self::assertSame([200, $first], [$status, $second]);
        self::assertSame('true', $this->client->getResponse()->headers->get('Idempotency-Replayed'));
        [$status] = $this->ask('POST', "/api/steps/{$step['id']}/start", $body, ['Idempotency-Key' => 'k2']);
        self::assertSame(409, $status, 'another key is another request');
        self::assertCount(1, array_filter($this->must('GET', "/api/ledger/$id")['entries'], static fn ($e) => 'started' === $e['event']));
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k3']);
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k3']);
        self::assertSame(2, $this->rows('ticket'));
    }

    public function testARefusedRequestLeavesNoTraceOfItsKey(): void
    {
        $this->plannedPair();
        $step = $this->nextCall()['step'];
        $before = $this->rows('ledger_entry');
        [$status] = $this->ask('POST', "/api/steps/{$step['id']}/done", ['version' => $step['version']], ['Idempotency-Key' => 'k4']);
        self::assertSame(409, $status);
        self::assertSame([0, $before], [(int) $this->connection()->fetchOne('SELECT COUNT(*) FROM remembered_answer'), $this->rows('ledger_entry')]);
    }

    public function testHandsHoldOneThingAndMayPutItDown(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $bench = $this->must('GET', '/api/bench');
        [$one, $other] = [$bench['calls'][0]['step'], array_values(array_filter($bench['calls'], static fn ($c) => $c['step']['piece'] !== $bench['calls'][0]['step']['piece']))[0]['step']];
        $begun = $this->must('POST', "/api/steps/{$one['id']}/start", ['version' => $one['version']])['calls'][0]['step'];
        self::assertStringContainsString('You are still at', $this->refused(409, 'POST', "/api/steps/{$other['id']}/start", ['version' => $other['version']])['detail']);
        $this->must('POST', "/api/steps/{$one['id']}/put-down", ['version' => $begun['version']]);
        $this->must('POST', "/api/steps/{$other['id']}/start", ['version' => $other['version']]);
        $this->signIn('nell');
        $bench = $this->must('GET', '/api/bench');
        self::assertNotContains($other['id'], array_map(static fn ($c) => $c['step']['id'], $bench['calls']), 'what another holds is not for me');
        self::assertContains('Tomas', array_column($bench['rack'], 'atWork'));
    }

    public function testAMissedWindowIsSaidAndTheStepBeforeItDoneAgain(): void
    {
        $ticket = $this->must('POST', '/api/tickets', $this->ticketBody(), 201);
        $id = $ticket['pieces'][0]['id'];
        $places = array_merge(...array_map(static fn ($part) => [['part' => $part, 'half' => 'left'], ['part' => $part, 'half' => 'right']], ['toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline']));
        $piece = $this->must('PUT', "/api/pieces/$id/parts", ['version' => 1, 'places' => $places, 'material' => 'pigmented', 'certainty' => 'known']);
        $piece = $this->must('POST', "/api/pieces/$id/findings", ['version' => $piece['version'], 'part' => 'sole-edge', 'half' => 'left', 'kind' => 'edge-worn', 'severity' => 2]);
        $this->must('POST', "/api/pieces/$id/plan", ['version' => $piece['version']]);
        $this->workUntil('Dress the edge');
        $this->clock->sleep(70 * 60);
        $missed = array_values(array_filter($this->must('GET', '/api/bench')['calls'], static fn ($c) => 'missed' === $c['urgency']))[0];
        self::assertSame('Degrease with alcohol', $missed['again']['title']);
        $problem = $this->refused(409, 'POST', "/api/steps/{$missed['step']['id']}/start", ['version' => $missed['step']['version']]);
        self::assertStringContainsString('Too late', $problem['detail']);
        $bench = $this->must('POST', "/api/steps/{$missed['again']['id']}/again", ['version' => $missed['again']['version']]);
        self::assertContains($missed['again']['id'], array_map(static fn ($c) => $c['step']['id'], $bench['calls']));
    }

    public function testAPlanStaysOnceWorkHasBegun(): void
    {
        $id = $this->plannedPair();
        $this->doCall($this->nextCall());
        $version = $this->must('GET', "/api/pieces/$id")['version'];
        self::assertStringContainsString('Work has begun', $this->refused(409, 'POST', "/api/pieces/$id/plan", ['version' => $version])['detail']);
        self::assertCount(1, array_filter($this->must('GET', "/api/pieces/$id/plan")['steps'], static fn ($s) => 'done' === $s['status']));
    }

    public function testAnUnreasonableReadingIsRefusedInWords(): void
    {
        $this->refused(422, 'POST', '/api/air', ['tempC' => 200.0, 'humidity' => 50.0]);
        $this->refused(422, 'POST', '/api/air', ['tempC' => 'warm', 'humidity' => 50.0]);
        self::assertSame(1, $this->rows('air_reading'));
    }

    public function testNoReadMakesMoreThanEightStatementsHoweverFullTheBench(): void
    {
        for ($i = 0; $i < 4; ++$i) {
            $id = $this->plannedPair();
        }
        $this->workUntil('Lay');
        foreach (['/api/bench', '/api/tickets', "/api/pieces/$id", "/api/pieces/$id/plan", '/api/ledger', "/api/ledger/$id", '/api/session', '/api/words'] as $path) {
            // The session itself is read past this count: one more statement.
            self::assertLessThanOrEqual(7, $this->statements(fn () => $this->must('GET', $path)), $path);
        }
    }
}
