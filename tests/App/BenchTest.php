<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Air\AirView;
use KindHeel\App\Bench\Arranged;
use KindHeel\App\Bench\ArrangedView;
use KindHeel\App\Bench\BenchReader;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\ShowBench;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\Core\Schedule\Urgency;
use KindHeel\Core\Treatment\Action;

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
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertTrue($plan->made);
        self::assertSame('Take the laces and insoles out', $plan->steps[0]->title);
        foreach ($plan->steps as $step) {
            self::assertNotSame([], $step->because, $step->title);
            self::assertNotSame('', $step->why.$step->how);
        }
        for ($i = 0; $i < 400 && PieceProgress::Ready !== $this->must(PieceView::class, 'GET', "/api/pieces/$id")->state; ++$i) {
            $call = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0] ?? null;
            if (null === $call) {
                $this->clock->sleep(600);
            } else {
                $this->doCall($call);
            }
        }
        $ledger = $this->must(LedgerView::class, 'GET', "/api/ledger/$id");
        $done = array_values(array_filter($ledger->entries, static fn ($e): bool => Event::Done === $e->event));
        self::assertCount(\count($plan->steps), $done);
        self::assertSame('Tomas', $done[0]->person);
        self::assertSame([20.0, 50], [$done[0]->tempC, $done[0]->humidity]);
        self::assertEqualsWithDelta($ledger->plannedMinutes, $ledger->realMinutes, 1.0);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack);
    }

    public function testThePieceIsShownAsItStandsWithoutItsLacesUnderTapeAndOnItsTrees(): void
    {
        $this->plannedPair(null, 'restore', 4);
        $ever = [];
        do {
            $bench = $this->must(BenchView::class, 'GET', '/api/bench');
            $now = array_map(
                static fn (ArrangedView $a): string => trim($a->how->value.' '.$a->half->value.' '.implode(' ', array_column($a->parts, 'value'))),
                $bench->rack[0]->arranged,
            );
            self::assertSame($ever, [] === $now ? [] : $ever, 'nothing of it is forgotten before it is put together');
            $ever = array_values(array_unique([...$ever, ...$now]));
            $call = $bench->calls[0] ?? null;
            null === $call ? $this->clock->sleep(1800) : $this->doCall($call);
        } while (Action::PutTogether !== $call?->step->action);
        sort($ever);
        self::assertSame([
            'off left insole laces', 'off right insole laces', 'on-tree left', 'on-tree right', 'taped left welt', 'taped right welt',
        ], $ever);
        $after = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->arranged;
        self::assertSame([], array_filter($after, static fn (ArrangedView $a): bool => Arranged::Off === $a->how), 'it has its laces back');
    }

    public function testACoatDriesInTheAirThereIsAndItsTestEndsTheWait(): void
    {
        $this->plannedPair();
        $wipe = $this->workUntil('Wipe');
        $this->doCall($wipe);
        $coat = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0];
        $laid = new \DateTimeImmutable($coat->laidAt);
        self::assertSame(5 * 60, (new \DateTimeImmutable($coat->touchAt ?? ''))->getTimestamp() - $laid->getTimestamp());
        self::assertSame(12 * 60, (new \DateTimeImmutable($coat->nextAt ?? ''))->getTimestamp() - $laid->getTimestamp());

        $this->clock->sleep(60);
        $this->must(AirView::class, 'POST', '/api/air', ['tempC' => 20.0, 'humidity' => 75.0, 'speedMs' => 0.1]);
        $moved = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0];
        // One minute at rate 1, the other eleven at half the rate.
        self::assertSame(23 * 60, (new \DateTimeImmutable($moved->nextAt ?? ''))->getTimestamp() - $laid->getTimestamp());
        self::assertSame($coat->version, $moved->version, 'a reading is nobody’s change');

        $problem = $this->refused(409, 'POST', "/api/steps/{$coat->step}/gate", ['version' => $coat->version, 'answer' => 'passed']);
        self::assertTrue($problem->overridable);
        self::assertStringContainsString('Not to be touched before', $problem->detail);
        $this->clock->sleep(23 * 60);
        $this->must(BenchView::class, 'POST', "/api/steps/{$coat->step}/gate", ['version' => $coat->version, 'answer' => 'passed']);
        $this->refused(409, 'POST', "/api/steps/{$coat->step}/gate", ['version' => $coat->version + 1, 'answer' => 'passed']);
    }

    public function testNotYetAddsTimeAndIsRemembered(): void
    {
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Wipe'));
        $this->clock->sleep(13 * 60);
        $call = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->calls, static fn ($c): bool => Urgency::Test === $c->urgency);
        $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/gate", ['version' => $call->step->version, 'answer' => 'not-yet']);
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertNotContains(Urgency::Test, array_column($bench->calls, 'urgency'));
        $coat = self::firstOf($bench->rack[0]->coats, static fn ($c): bool => $c->step === $call->step->id);
        self::assertSame(5 * 60, (new \DateTimeImmutable($coat->gateAt ?? ''))->getTimestamp() - $this->clock->now()->getTimestamp());
        self::assertContains(Event::GateNotYet, array_column($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, 'event'));
    }

    public function testWhatIsNotReadyIsRefusedWithTheReasonAndGoesOnWithAWordWhy(): void
    {
        $id = $this->plannedPair();
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
        $cream = self::firstOf($steps, static fn ($s): bool => str_contains($s->title, 'cream polish'));
        $problem = $this->refused(409, 'POST', "/api/steps/{$cream->id}/start", ['version' => $cream->version]);
        self::assertSame(['not-ready', true], [$problem->type, $problem->overridable]);
        self::assertStringContainsString('is not done yet', $problem->detail);
        $this->must(BenchView::class, 'POST', "/api/steps/{$cream->id}/start", ['version' => $cream->version, 'why' => 'The owner wiped it at home.']);
        $overridden = self::firstOf($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e): bool => Event::Overridden === $e->event);
        self::assertStringContainsString('The owner wiped it at home.', $overridden->text);
    }

    public function testNothingIsBegunBeforeItsTurn(): void
    {
        $id = $this->plannedPair();
        $first = true;
        foreach ($this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps as $step) {
            if (!$first) {
                self::assertStringContainsString(
                    'is not done yet',
                    $this->refused(409, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version])->detail,
                    $step->title,
                );
            }
            $first = false;
        }
    }

    public function testAPieceThatIsTakenAwayEarlyIsNoLongerOnTheRack(): void
    {
        $id = $this->plannedPair();
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
        $last = $steps[\count($steps) - 1];
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$last->id}/start", ['version' => $last->version, 'why' => 'The owner is at the door.'])
            ->calls[0]->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$last->id}/done", ['version' => $running->version]);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack);
        self::assertSame(PieceProgress::Ready, $this->must(PieceView::class, 'GET', "/api/pieces/$id")->state);
    }

    public function testAnApprenticeWorksButDoesNotOverride(): void
    {
        $id = $this->plannedPair();
        $this->signIn('wren');
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
        $last = $steps[\count($steps) - 1];
        self::assertFalse($this->refused(409, 'POST', "/api/steps/{$last->id}/start", ['version' => 1])->overridable);
        $this->refused(403, 'POST', "/api/steps/{$last->id}/start", ['version' => 1, 'why' => 'I want to.']);
        $this->doCall($this->nextCall());
    }

    public function testAnApprenticeEndsWhatAnotherBeganWithAWordOnly(): void
    {
        $id = $this->plannedPair();
        $step = $this->nextCall()->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version]);
        $this->signIn('wren');
        foreach (['done', 'interrupt', 'put-down', 'spoiled'] as $what) {
            foreach ([[], ['why' => '  ']] as $word) {
                $asked = $this->refused(409, 'POST', "/api/steps/{$step->id}/$what", $word + ['version' => $step->version + 1]);
                self::assertSame([true, 'Tomas began this. Why do you say it for them?'], [$asked->overridable, $asked->detail], $what);
            }
        }
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", ['version' => $step->version + 1, 'why' => 'He had to go to the door.']);
        $entries = $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries;
        self::assertStringEndsWith('(for Tomas: He had to go to the door.)', self::firstOf($entries, static fn ($e): bool => Event::Done === $e->event)->text);
        $this->signIn('tomas');
        $next = $this->nextCall()->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$next->id}/start", ['version' => $next->version]);
        $this->signIn('nell');
        $this->must(BenchView::class, 'POST', "/api/steps/{$next->id}/done", ['version' => $next->version + 1]);
    }

    public function testTwoTabletsEndTheSameStepAndTheSecondIsTold(): void
    {
        $id = $this->plannedPair();
        $step = $this->nextCall()->step;
        $begun = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version])->calls[0]->step;
        $this->clock->sleep(180);
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", ['version' => $begun->version]);
        $problem = $this->refused(409, 'POST', "/api/steps/{$step->id}/done", ['version' => $begun->version]);
        self::assertSame('changed-meanwhile', $problem->type);
        self::assertStringContainsString('was ended at 10:03 already', $problem->detail);
        self::assertCount(1, array_filter($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e) => Event::Done === $e->event));
    }

    public function testARetriedRequestIsAnsweredOnceMoreWithoutActingTwice(): void
    {
        $id = $this->plannedPair();
        $step = $this->nextCall()->step;
        $body = ['version' => $step->version];
        $status = $this->ask('POST', "/api/steps/{$step->id}/start", $body, ['Idempotency-Key' => 'k1']);
        $first = $this->content();
        self::assertSame(200, $status);
        $status = $this->ask('POST', "/api/steps/{$step->id}/start", $body, ['Idempotency-Key' => 'k1']);
        $second = $this->content();
        self::assertSame([200, $first], [$status, $second]);
        self::assertSame('true', $this->client->getResponse()->headers->get('Idempotency-Replayed'));
        $status = $this->ask('POST', "/api/steps/{$step->id}/start", $body, ['Idempotency-Key' => 'k2']);
        self::assertSame(409, $status, 'another key is another request');
        self::assertCount(1, array_filter($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e) => Event::Started === $e->event));
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k3']);
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k3']);
        self::assertSame(2, $this->rows('ticket'));
    }

    public function testARefusedRequestLeavesNoTraceOfItsKey(): void
    {
        $this->plannedPair();
        $step = $this->nextCall()->step;
        $before = [$this->rows('remembered_answer'), $this->rows('ledger_entry')];
        $status = $this->ask('POST', "/api/steps/{$step->id}/done", ['version' => $step->version], ['Idempotency-Key' => 'k4']);
        self::assertSame(409, $status);
        self::assertSame($before, [$this->rows('remembered_answer'), $this->rows('ledger_entry')]);
    }

    public function testEveryPieceOnAFullRackCanBeTakenInHand(): void
    {
        $pieces = [];
        for ($i = 0; $i < 6; ++$i) {
            $pieces[] = $this->plannedPair();
        }
        $calls = $this->must(BenchView::class, 'GET', '/api/bench')->calls;
        self::assertEqualsCanonicalizing($pieces, array_values(array_unique(array_map(static fn ($c): int => $c->step->piece, $calls))));
    }

    public function testHandsHoldOneThingAndMayPutItDown(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        $one = $bench->calls[0]->step;
        $other = self::firstOf($bench->calls, static fn ($c): bool => $c->step->piece !== $one->piece)->step;
        $begun = $this->must(BenchView::class, 'POST', "/api/steps/{$one->id}/start", ['version' => $one->version])->calls[0]->step;
        self::assertStringContainsString(
            'You are still at',
            $this->refused(409, 'POST', "/api/steps/{$other->id}/start", ['version' => $other->version])->detail,
        );
        $this->must(BenchView::class, 'POST', "/api/steps/{$one->id}/put-down", ['version' => $begun->version]);
        $this->must(BenchView::class, 'POST', "/api/steps/{$other->id}/start", ['version' => $other->version]);
        $this->signIn('nell');
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertNotContains($other->id, array_map(static fn ($c) => $c->step->id, $bench->calls), 'what another holds is not for me');
        self::assertContains(['Tomas'], array_column($bench->rack, 'atWork'));
    }

    public function testAMissedWindowIsSaidAndTheStepBeforeItDoneAgain(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $id = $ticket->pieces[0]->id;
        $places = array_merge(
            ...array_map(static fn ($part) => [['part' => $part, 'half' => 'left'], ['part' => $part, 'half' => 'right']], [
                'toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline',
            ]),
        );
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => $places,
            'material' => 'pigmented',
            'certainty' => 'known',
        ]);
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($piece->version, [
            'part' => 'sole-edge',
            'half' => 'left',
            'kind' => 'edge-worn',
            'severity' => 2,
        ]));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $this->workUntil('Dress the edge');
        $this->clock->sleep(70 * 60);
        $missed = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->calls, static fn ($c): bool => Urgency::Missed === $c->urgency);
        $again = $missed->again;
        self::assertNotNull($again);
        self::assertSame('Degrease with alcohol', $again->title);
        $problem = $this->refused(409, 'POST', "/api/steps/{$missed->step->id}/start", ['version' => $missed->step->version]);
        self::assertStringContainsString('Too late', $problem->detail);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$again->id}/again", ['version' => $again->version]);
        self::assertContains($again->id, array_map(static fn ($c) => $c->step->id, $bench->calls));
    }

    public function testOnceWorkHasBegunOnlyTheRestIsPlannedAnew(): void
    {
        $id = $this->plannedPair();
        $before = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        $this->workUntil('Lay');
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($piece->version, [
            'part' => 'vamp',
            'half' => 'left',
            'kind' => 'ground-in-dirt',
            'severity' => 3,
        ]));
        $after = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $done = static fn (PlanView $plan): array => array_map(
            static fn ($s): string => $s->key.' '.$s->title,
            array_values(array_filter($plan->steps, static fn ($s): bool => StepStatus::Done === $s->status)),
        );
        self::assertNotCount(0, $done($after));
        self::assertSame(
            [],
            array_diff($done($after), array_map(static fn ($s): string => $s->key.' '.$s->title, $before->steps)),
            'what was done stays as it was',
        );
        self::assertContains('Clean with neutral cleaner', array_map(static fn ($s): string => $s->title, $after->steps));
        self::assertStringContainsString(
            'New: clean with neutral cleaner on the left vamp',
            implode(' ', array_map(static fn ($r): string => $r->text, $after->changes)),
        );
        self::assertSame(range(1, \count($after->steps)), array_map(static fn (array $r): int => $r['position'], $this->positions($id)));
        $this->workUntil('Clean with neutral cleaner');
    }

    /** @return list<array{position: int}> */
    private function positions(int $piece): array
    {
        return array_map(
            static fn (Row $r): array => ['position' => $r->int('position')],
            Row::all($this->connection(), 'SELECT position FROM plan_step WHERE piece_id = ? ORDER BY position', [$piece]),
        );
    }

    public function testTheBenchIsShownAgainForAMomentButNeverAsItNoLongerIs(): void
    {
        $this->plannedPair();
        $call = $this->nextCall();
        $show = new ShowBench($this->connection(), self::getContainer()->get(BenchReader::class), $this->clock, 2000);
        $person = Row::first($this->connection(), 'SELECT id FROM person WHERE login = \'tomas\'')?->int('id') ?? 0;
        $look = static fn (): string => (string) $show->to($person, static fn () => self::fail('Nothing was missed.'))->getContent();
        $first = $look();
        $this->clock->sleep(1);
        self::assertLessThanOrEqual(1, $this->statements(static fn () => self::assertNotSame($first, $look(), 'the time goes on')));
        self::assertSame(substr($first, 40), substr($look(), 40));
        $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
        self::assertStringContainsString('"urgency":"running"', $look());
        $this->clock->sleep(3);
        self::assertGreaterThan(5, $this->statements(static fn () => $look()));
        $this->clock->modify('-1 hour');
        self::assertGreaterThan(5, $this->statements(static fn () => $look()), 'what was read by a clock that was wrong is not shown');
    }

    public function testTicketsOfYearsAgoAreNotGoneThroughForTheBench(): void
    {
        $this->plannedPair();
        $read = function (): int {
            $before = $this->rowsRead();
            $this->must(BenchView::class, 'GET', '/api/bench');

            return $this->rowsRead() - $before;
        };
        $read();
        $few = $read();
        $columns = implode(', ', array_map(
            static fn (Row $r): string => $r->text('Field'),
            array_filter(Row::all($this->connection(), 'SHOW COLUMNS FROM ticket'), static fn (Row $r): bool => 'id' !== $r->text('Field')),
        ));
        $this->connection()->executeStatement("INSERT INTO ticket ($columns) SELECT $columns FROM ticket, seq_1_to_2000");
        self::assertLessThan($few + 100, $read());
    }

    public function testWhatNobodyHasPlannedStandsOnTheBenchUntilItIs(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertContains($id, array_map(static fn ($p): int => $p->piece, $bench->unplanned));
        self::assertNotContains($id, array_map(static fn ($p): int => $p->piece, $bench->rack));
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $version]);
        $this->clock->sleep(5);
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame([], array_filter($bench->unplanned, static fn ($p): bool => $p->piece === $id));
        self::assertContains($id, array_map(static fn ($p): int => $p->piece, $bench->rack));
    }

    public function testAnUnreasonableReadingIsRefusedInWords(): void
    {
        $this->refused(422, 'POST', '/api/air', ['tempC' => 200.0, 'humidity' => 50.0]);
        $this->refused(422, 'POST', '/api/air', ['tempC' => 'warm', 'humidity' => 50.0]);
        self::assertSame(3, $this->rows('air_reading'));
    }

    public function testNoReadMakesMoreThanTenStatementsHoweverFullTheBench(): void
    {
        $id = $this->plannedPair();
        for ($i = 0; $i < 3; ++$i) {
            $this->plannedPair();
        }
        $this->workUntil('Lay');
        foreach (
            ['/api/bench', '/api/tickets', "/api/pieces/$id", "/api/pieces/$id/plan", '/api/ledger', "/api/ledger/$id", '/api/session', '/api/words'] as $path
        ) {
            // The session itself is read past this count: one more statement.
            self::assertLessThanOrEqual(match (true) {
                '/api/bench' === $path => 10, str_starts_with($path, '/api/pieces/') => 8, default => 7,
            }, $this->statements(fn () => self::assertSame(200, $this->ask('GET', $path))), $path);
        }
    }
}
