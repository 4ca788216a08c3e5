<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Promise\DayHoldsView;
use KindHeel\App\Promise\HourHoldsView;
use KindHeel\App\Promise\PromiseView;
use KindHeel\App\Timetable\OpenJobs;
use KindHeel\App\Workshop\WorkshopView;
use Symfony\Component\Process\Process;

/** What may be promised, what a rush would cost others, and the promise that is given. */
final class PromiseTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testOtherWorkingDaysAreOfferedEachWithHowSurelyItHolds(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->ticket;
        $promise = $this->must(PromiseView::class, 'GET', "/api/tickets/$ticket/promise");
        self::assertCount(25, $promise->days);
        $closing = array_map(static fn (DayHoldsView $d): HourHoldsView => $d->hours[\count($d->hours) - 1], $promise->days);
        $days = array_map(static fn (HourHoldsView $h): \DateTimeImmutable => new \DateTimeImmutable($h->at), $closing);
        foreach ($days as $day) {
            self::assertLessThan(7, (int) $day->format('N'), 'nobody works on a Sunday');
        }
        $holds = array_map(static fn (HourHoldsView $h): int => $h->holds, $closing);
        $sorted = $holds;
        sort($sorted);
        self::assertSame($sorted, $holds, 'a later day holds no less');
        self::assertSame(100, end($holds));
        $certain = new \DateTimeImmutable($promise->certain ?? '');
        foreach ($days as $i => $day) {
            self::assertTrue($day < $certain || $holds[$i] >= 90, 'what is offered first and these agree');
        }
        foreach (\array_slice($promise->days, 1) as $day) {
            $hours = array_map(static fn (HourHoldsView $h): string => (new \DateTimeImmutable($h->at))
                ->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('H:i'), $day->hours);
            self::assertSame($hours, array_unique($hours));
            self::assertSame('09:00', $hours[0], 'not before somebody is here');
            foreach (\array_slice($hours, 0, -1) as $hour) {
                self::assertMatchesRegularExpression('/:[03]0$/', $hour, 'full half hours, then when the last goes home');
            }
            foreach ($day->hours as $hour) {
                self::assertGreaterThanOrEqual($hour->holds, $hour->rushed, 'taken first it holds no less');
            }
        }
    }

    public function testAPromiseIsMadeOfAllThatIsOnTheBenchAndMoreOnItIsNeverSooner(): void
    {
        $alone = $this->promise($this->ticketOf($this->plannedPair()));
        self::assertNotNull($alone->certain);
        self::assertLessThanOrEqual(strtotime($alone->certain), strtotime((string) $alone->even));
        self::assertGreaterThan(strtotime('2026-03-02T10:00:00+01:00'), strtotime((string) $alone->even));
        self::assertSame(100, $alone->holds, 'it is promised for the summer');
        self::assertGreaterThan(5, $alone->stepsLeft);
        self::assertSame([], $alone->pushed);
        for ($i = 0; $i < 5; ++$i) {
            $last = $this->plannedPair();
        }
        $full = $this->promise($this->ticketOf($last));
        self::assertGreaterThanOrEqual(strtotime($alone->certain), strtotime((string) $full->certain));
        self::assertLessThanOrEqual(strtotime((string) $full->certain), strtotime((string) $full->rushed));
        self::assertEquals($full, $this->promise($this->ticketOf($last)), 'asked again it says the same');
    }

    public function testARushSaysWhoseWorkItPushesBack(): void
    {
        $this->signIn('ida');
        foreach ($this->must(WorkshopView::class, 'GET', '/api/workshop')->people as $person) {
            // One pair of hands, an hour a day.
            $hour = array_map(static fn (int $day): array => ['day' => $day, 'shifts' => [['from' => '10:00', 'until' => '11:00']]], range(1, 7));
            $this->set("/people/{$person->id}", ['week' => 'Tomas' === $person->name ? $hour : []]);
        }
        for ($i = 0; $i < 3; ++$i) {
            $this->plannedPair('2026-03-03T12:30', aim: 'restore', severity: 4);
        }
        $last = $this->ticketOf($this->plannedPair('2026-03-10T12:00', aim: 'restore', severity: 4));
        $promise = $this->promise($last);
        self::assertNotSame([], $promise->pushed);
        foreach ($promise->pushed as $pushed) {
            self::assertGreaterThan(strtotime((string) $pushed->was), strtotime($pushed->becomes ?? '2999-01-01'));
            self::assertNotSame('', $pushed->customer.$pushed->name);
        }
    }

    public function testAGivenPromiseIsWrittenOnTheTicketInTheLedgerAndMovesTheBench(): void
    {
        $piece = $this->plannedPair();
        $ticket = $this->ticketOf($piece);
        $promise = $this->promise($ticket);
        $given = $this->must(PromiseView::class, 'POST', "/api/tickets/$ticket/promise", [
            'promisedAt' => $promise->certain,
            'was' => $promise->promisedAt,
            'rush' => true,
        ]);
        self::assertSame([$promise->certain, true], [$given->promisedAt, $given->rush]);
        self::assertGreaterThanOrEqual(85, $given->holds);
        self::assertSame($promise->certain, $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->promisedAt);
        $entry = self::firstOf($this->must(LedgerView::class, 'GET', "/api/ledger/$piece")->entries, static fn ($e): bool => Event::Promised === $e->event);
        self::assertStringContainsString('as a rush', $entry->text);
        $stale = $this->refused(409, 'POST', "/api/tickets/$ticket/promise", ['promisedAt' => $promise->certain, 'was' => $promise->promisedAt]);
        self::assertStringContainsString('another day meanwhile', $stale->detail);
        $this->refused(422, 'POST', "/api/tickets/$ticket/promise", ['promisedAt' => '2026-03-01T12:00:00+01:00', 'was' => $given->promisedAt]);
        $this->refused(422, 'POST', "/api/tickets/$ticket/promise", ['promisedAt' => 'soon', 'was' => $given->promisedAt]);
    }

    public function testALateMinuteOfARushWeighsFiveTimesUntilThePieceIsHandedOver(): void
    {
        $calm = $this->plannedPair();
        $piece = $this->plannedPair();
        $ticket = $this->ticketOf($piece);
        $promise = $this->promise($ticket);
        $rush = ['promisedAt' => $promise->certain, 'was' => $promise->promisedAt, 'rush' => true];
        $this->must(PromiseView::class, 'POST', "/api/tickets/$ticket/promise", $rush);
        $weights = static fn (): array => self::getContainer()->get(OpenJobs::class)->weights();
        self::assertSame([$piece => 5.0], $weights(), 'of the other a minute is a minute: '.$calm);
        $this->connection()->executeStatement('UPDATE piece SET finished_at = NOW() WHERE id = ?', [$piece]);
        self::assertSame([], $weights());
    }

    public function testAPieceThatWasLookedOverIsPromisedBeforeItIsPlannedAndOneThatWasNotCannotBe(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $unseen = $this->promise($ticket->id);
        self::assertSame([$ticket->pieces[0]->name], $unseen->unseen);
        self::assertNull($unseen->certain);
        $id = $ticket->pieces[0]->id;
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [['part' => 'vamp', 'half' => 'left'], ['part' => 'vamp', 'half' => 'right']],
            'material' => 'pigmented',
            'certainty' => 'known',
        ]);
        $seen = $this->promise($ticket->id);
        self::assertSame([], $seen->unseen);
        self::assertNotNull($seen->certain);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack, 'nothing was planned by it');
        $this->refused(404, 'GET', '/api/tickets/99999/promise');
    }

    public function testThereIsAnAnswerAtOnceAndASurerOneForWhoAsksOn(): void
    {
        $ticket = $this->ticketOf($this->plannedPair());
        $ask = fn (string $how): PromiseView => $this->must(PromiseView::class, 'GET', "/api/tickets/$ticket/promise$how");
        $first = $ask('?within=0');
        self::assertSame([0, true, false], [$first->played, $first->sharpens, $first->tooMuch]);
        self::assertSame([null, null, null], [$first->certain, $first->holds, $first->missing]);
        self::assertGreaterThan(0, $first->stepsLeft, 'and all that can be said without playing');
        $whole = $ask('?within=10000');
        self::assertFalse($whole->sharpens, 'there is no more time than that');
        self::assertGreaterThanOrEqual(20, $whole->played);
        self::assertLessThanOrEqual($whole->outOf, $whole->played);
        self::assertSame($whole->certain, $ask('')->certain, 'the same bench, played the same');
        foreach (['-1', '10001', 'soon'] as $odd) {
            $this->refused(422, 'GET', "/api/tickets/$ticket/promise?within=$odd");
        }
    }

    public function testWhereHoursAreMissingItSaysFromWhenOnAndForWhat(): void
    {
        $ticket = $this->ticketOf($this->plannedPair());
        $may = $this->promise($ticket);
        self::assertNull($may->missing);
        $this->connection()->executeStatement('UPDATE person SET skills = ?', ['["take-apart", "record", "dry-clean", "trial"]']);
        $missing = $this->promise($ticket)->missing ?? self::fail('Nobody polishes.');
        self::assertGreaterThan($this->clock->now()->modify('+20 days'), new \DateTimeImmutable((string) $missing->from));
        self::assertGreaterThan(0, $missing->minutes);
        self::assertLessThan($may->stepsLeft, $missing->steps, 'it can be cleaned');
        self::assertMatchesRegularExpression('/^Nobody has the skill “[a-z-]+”\.$/', $missing->why[0]);
        $this->connection()->executeStatement("UPDATE person SET week = '{}'");
        $nobody = $this->promise($ticket);
        self::assertSame([null, null, null], [$nobody->certain, $nobody->even, $nobody->missing?->from]);
        self::assertSame($nobody->stepsLeft, $nobody->missing?->steps);
    }

    private function promise(int $ticket): PromiseView
    {
        return $this->must(PromiseView::class, 'GET', "/api/tickets/$ticket/promise");
    }

    private function ticketOf(int $piece): int
    {
        return Row::first($this->connection(), 'SELECT ticket_id FROM piece WHERE id = ?', [$piece])?->int('ticket_id') ?? 0;
    }

    public function testABenchThatTakesTooLongToPlayThroughSaysSoAndAPromiseCanStillBeGiven(): void
    {
        putenv('PROMISE_MS=0');
        $_ENV['PROMISE_MS'] = $_SERVER['PROMISE_MS'] = '0';
        try {
            self::ensureKernelShutdown();
            $this->setUp();
            $this->signIn();
            $this->plannedPair();
            $ticket = Row::first($this->connection(), 'SELECT id, promised_at FROM ticket') ?? self::fail('There is no ticket.');
            $view = $this->must(PromiseView::class, 'GET', "/api/tickets/{$ticket->int('id')}/promise");
            self::assertTrue($view->tooMuch);
            self::assertSame([null, null, null], [$view->certain, $view->holds, $view->rushed]);
            self::assertGreaterThan(0, $view->stepsLeft);
            $given = $this->must(PromiseView::class, 'POST', "/api/tickets/{$ticket->int('id')}/promise", [
                'promisedAt' => '2026-03-30T12:00:00Z', 'was' => $view->promisedAt, 'rush' => false,
            ]);
            self::assertSame('2026-03-30T12:00:00Z', $given->promisedAt);
        } finally {
            putenv('PROMISE_MS');
            unset($_ENV['PROMISE_MS'], $_SERVER['PROMISE_MS']);
            self::ensureKernelShutdown();
        }
    }

    public function testWhoPromisesWhileAnotherDoesWaitsAndSeesWhatTheOtherPromised(): void
    {
        $ticket = $this->ticketOf($this->plannedPair());
        $promise = $this->promise($ticket);
        $other = new Process(['php', '-r', <<<'PHP'
            $at = parse_url(getenv('DATABASE_URL'));
            parse_str($at['query'], $said);
            $pdo = new PDO("mysql:unix_socket={$said['unix_socket']};dbname=".ltrim($at['path'], '/'), $at['user'], $at['pass']);
            $pdo->beginTransaction();
            $pdo->exec("UPDATE ticket SET promised_at = '2026-04-01 12:00:00' WHERE id = ".(int) $argv[1]);
            echo 'held';
            usleep(800_000);
            $pdo->commit();
            PHP, (string) $ticket]);
        $other->start();
        $other->waitUntil(static fn (string $type, string $said): bool => 'held' === $said);
        $this->refused(409, 'POST', "/api/tickets/$ticket/promise", ['promisedAt' => '2026-03-30T12:00:00Z', 'was' => $promise->promisedAt]);
        self::assertSame(0, $other->wait());
        self::assertSame('2026-04-01T12:00:00Z', $this->promise($ticket)->promisedAt);
    }
}
