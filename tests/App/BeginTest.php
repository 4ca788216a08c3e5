<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\Offer\CurrentPrices;
use KindHeel\App\Owner\ThingAtWorkView;
use KindHeel\App\Owner\ThingsView;
use KindHeel\App\People\Role;
use KindHeel\App\Security\SessionView;
use KindHeel\App\Workshop\DayHoursView;
use KindHeel\App\Workshop\WorkshopView;
use PHPUnit\Framework\Attributes\DataProvider;

/** A workshop of one’s own begins in the browser, for whoever has the word that stood where it was started. */
final class BeginTest extends ApiTestCase
{
    private const MINE = [
        'word' => 'for-tests', 'workshop' => 'Quill & Last', 'address' => "Mill Lane 3\nHarrow", 'reach' => '', 'currency' => 'CHF', 'days' => [2, 3, 4],
        'shifts' => [['from' => '08:00', 'until' => '12:00'], ['from' => '13:00', 'until' => '17:00']], 'name' => 'Mara Quill', 'login' => 'Mara',
        'password' => 'seven wet lasts',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->connection()->executeStatement('DELETE FROM person');
    }

    public function testItsFirstPageMakesItSomebodys(): void
    {
        self::assertTrue($this->must(SessionView::class, 'GET', '/api/session')->empty);
        $session = $this->must(SessionView::class, 'POST', '/api/begin', self::MINE);
        self::assertSame(['Mara Quill', Role::Owner, 'Quill & Last'], [$session->person?->name, $session->person?->role, $session->workshop?->name]);
        self::assertFalse($session->empty);
        $workshop = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame([2, 3, 4], array_values(array_map(
            static fn (DayHoursView $d): int => $d->day,
            array_filter($workshop->people[0]->week, static fn (DayHoursView $d): bool => [] !== $d->shifts),
        )));
        self::assertSame(['08:00', '17:00'], [$workshop->people[0]->week[1]->shifts[0]->from, $workshop->people[0]->week[1]->shifts[1]->until]);
        self::assertSame('CHF', self::getContainer()->get(CurrentPrices::class)->terms()->currency);
        self::assertSame(200, $this->signIn('mara', 'seven wet lasts'));
    }

    public function testForOnesOwnThingsThereAreSittingsAndNoCounterAndItBecomesAWorkshopLater(): void
    {
        self::assertSame('workshop', $this->refused(422, 'POST', '/api/begin', ['workshop' => ' '] + self::MINE)->errors[0]->field);
        $mine = ['home' => true, 'workshop' => '', 'days' => [2, 4], 'shifts' => [['from' => '19:00', 'until' => '20:30']]] + self::MINE;
        $session = $this->must(SessionView::class, 'POST', '/api/begin', $mine);
        self::assertTrue($session->workshop?->home);
        $things = $this->must(ThingsView::class, 'GET', '/api/things');
        self::assertSame(['Mara Quill', [], []], [$things->owner->name, $things->atWork, $things->sittings]);

        $piece = $this->plannedPair();
        $this->connection()->executeStatement('UPDATE ticket SET owner_id = ?, promised = 0', [$things->owner->id]);
        $this->connection()->executeStatement('UPDATE passport SET owner_id = ?', [$things->owner->id]);
        $things = $this->must(ThingsView::class, 'GET', '/api/things');
        self::assertSame([[$piece, true, false]], array_map(static fn (ThingAtWorkView $w): array => [$w->piece, $w->hasPlan, $w->isReady], $things->atWork));
        self::assertNotSame([], $things->sittings);
        foreach ($things->sittings as $sitting) {
            $from = (new \DateTimeImmutable($sitting->from))->setTimezone(new \DateTimeZone('Europe/Vienna'));
            self::assertContains($from->format('D'), ['Tue', 'Thu']);
            self::assertGreaterThanOrEqual('19:00', $from->format('H:i'));
            self::assertLessThanOrEqual(90.0, $sitting->minutes);
            self::assertSame(['The lamplighter’s shoes'], $sitting->pieces);
        }
        self::assertSame($things->sittings[0]->from, $things->atWork[0]->nextAt);

        // Done and put away, it is at home again.
        $this->connection()->executeStatement("UPDATE plan_step SET status = 'done', started_at = '2026-02-01', ended_at = '2026-02-01'");
        $this->connection()->executeStatement("UPDATE piece SET finished_at = '2026-02-01'");
        $ready = $this->must(ThingsView::class, 'GET', '/api/things')->atWork[0];
        self::assertTrue($ready->isReady);
        self::assertSame(200, $this->ask('POST', "/api/tickets/{$ready->ticket}/collect", ['pieces' => [$piece], 'by' => 'Mara Quill', 'paid' => 'nothing']));
        $things = $this->must(ThingsView::class, 'GET', '/api/things');
        self::assertSame([[], 1, false], [$things->atWork, \count($things->owner->pieces), $things->owner->pieces[0]->here]);

        $this->set('/identity', ['name' => 'Quill & Last', 'address' => '', 'reach' => '', 'clock' => '24', 'uncollectedDays' => 21, 'home' => false]);
        $this->refused(404, 'GET', '/api/things');
        self::assertFalse($this->must(SessionView::class, 'GET', '/api/session')->workshop?->home);
        // And back: its customer keeps theirs, what is one's own is known still.
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $this->set('/identity', ['name' => '', 'address' => '', 'reach' => '', 'clock' => '24', 'uncollectedDays' => 21, 'home' => true]);
        $again = $this->must(ThingsView::class, 'GET', '/api/things');
        self::assertSame([$things->owner->id, []], [$again->owner->id, $again->atWork]);
        self::assertSame([2, 2, 2], [$this->rows('owner'), $this->rows('piece'), $this->rows('passport')], 'nothing is lost');
    }

    public function testItIsBegunOnce(): void
    {
        $this->must(SessionView::class, 'POST', '/api/begin', self::MINE);
        $this->refused(409, 'POST', '/api/begin', ['login' => 'another'] + self::MINE);
        self::assertSame(1, $this->rows('person'));
        $this->client->getCookieJar()->clear();
        self::assertFalse($this->must(SessionView::class, 'GET', '/api/session')->empty);
    }

    public function testSentAgainItOpensOnlyToWhoStillHasThatPassword(): void
    {
        $again = function (): ?string {
            $this->client->getCookieJar()->clear();
            $this->ask('POST', '/api/begin', self::MINE, ['Idempotency-Key' => 'the same']);

            return $this->answered(SessionView::class)->person?->name;
        };
        self::assertSame(['Mara Quill', 'Mara Quill'], [$again(), $again()], 'its answer was lost');
        $this->connection()->executeStatement('UPDATE person SET password_hash = ?', [password_hash('another one', \PASSWORD_BCRYPT, ['cost' => 4])]);
        self::assertNull($again());
        $this->refused(401, 'GET', '/api/bench');
    }

    public function testWithoutTheWordNobodyBeginsItAndGuessingRests(): void
    {
        for ($try = 0; $try < 5; ++$try) {
            self::assertSame('word', $this->refused(422, 'POST', '/api/begin', ['word' => 'guess'.$try] + self::MINE)->errors[0]->field);
        }
        $this->refused(429, 'POST', '/api/begin', self::MINE);
        self::assertSame(0, $this->rows('person'));
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('wrong')]
    public function testWhatWillNotDoIsSaidAndNothingIsKept(string $field, array $wrong): void
    {
        self::assertSame($field, explode('[', $this->refused(422, 'POST', '/api/begin', $wrong + self::MINE)->errors[0]->field)[0]);
        self::assertSame(0, $this->rows('person'));
        self::assertSame(0, $this->connection()->fetchOne("SELECT COUNT(*) FROM workshop_setting WHERE name = 'identity'"));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'no name' => ['workshop', ['workshop' => ' ']];
        yield 'no money' => ['currency', ['currency' => 'Franken']];
        yield 'no days' => ['days', ['days' => []]];
        yield 'an eighth day' => ['days', ['days' => [8]]];
        yield 'no hours' => ['shifts', ['shifts' => []]];
        yield 'an easy password' => ['password', ['password' => 'mara quill mara']];
        yield 'no login' => ['login', ['login' => 'm q']];
    }
}
