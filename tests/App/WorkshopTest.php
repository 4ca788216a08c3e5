<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\BlockView;
use KindHeel\App\Bench\TapeView;
use KindHeel\App\Database\Row;
use KindHeel\App\Learning\EvidenceKind;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Security\SessionView;
use KindHeel\App\Settings\Alarm;
use KindHeel\App\Settings\SettingsVersion;
use KindHeel\App\Timetable\Reschedule;
use KindHeel\App\Workshop\FeedMadeView;
use KindHeel\App\Workshop\WorkingDaysView;
use KindHeel\App\Workshop\WorkshopView;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** Hours, days, stations, what is heard, what was learned, and calendars under secret addresses. */
final class WorkshopTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testWorkingDaysToChooseFromLeaveOutWhatIsClosed(): void
    {
        $this->signIn('ida');
        $this->must(WorkshopView::class, 'POST', '/api/workshop/days', ['day' => '2026-03-03', 'shifts' => [], 'why' => 'Stocktaking']);
        $days = $this->must(WorkingDaysView::class, 'GET', '/api/workshop/working-days')->days;
        self::assertCount(25, $days);
        $local = static fn (string $at): string => (new \DateTimeImmutable($at))->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('Y-m-d H:i');
        foreach ($days as $hours) {
            self::assertStringStartsNotWith('2026-03-03', $local($hours[0]));
            self::assertSame(substr($local($hours[0]), 0, 10), substr($local($hours[\count($hours) - 1]), 0, 10), 'one day a list');
        }
    }

    public function testOtherHoursMoveAllThatLiesAheadAndNobodyIsPlannedOnADayOff(): void
    {
        $this->plannedPair();
        $before = $this->everybodys();
        self::assertNotSame([], $before);
        $workshop = $this->must(WorkshopView::class, 'POST', '/api/workshop/days', ['day' => '2026-03-02', 'why' => 'fitting at the theatre']);
        self::assertSame(
            ['2026-03-02', null, [], 'fitting at the theatre'],
            [$workshop->days[0]->day, $workshop->days[0]->person, $workshop->days[0]->shifts, $workshop->days[0]->why],
        );
        self::assertSame([], $this->everybodys());
        $id = $workshop->days[0]->id;
        self::assertSame([], $this->must(WorkshopView::class, 'DELETE', "/api/workshop/days/$id")->days);
        self::assertEquals($before, $this->everybodys());

        $people = $this->must(WorkshopView::class, 'GET', '/api/workshop')->people;
        $this->signIn('ida');
        foreach ($people as $person) {
            $this->set("/people/{$person->id}", [
                'week' => [['day' => 1, 'shifts' => [['from' => '15:00', 'until' => '16:00'], ['from' => '14:00', 'until' => '15:00']]]],
                'skills' => [],
            ]);
        }
        $this->signIn();
        foreach ($this->everybodys() as $block) {
            self::assertGreaterThanOrEqual(strtotime('2026-03-02T14:00:00+01:00'), strtotime($block->start));
            self::assertLessThanOrEqual(strtotime('2026-03-02T16:00:00+01:00'), strtotime($block->end));
        }
    }

    public function testWhoeverDoesNotDoAKindOfWorkIsNotPlannedForIt(): void
    {
        $this->plannedPair();
        $people = $this->must(WorkshopView::class, 'GET', '/api/workshop')->people;
        $this->signIn('ida');
        foreach ($people as $person) {
            if ('Tomas' !== $person->name) {
                $this->set("/people/{$person->id}", [
                    'week' => [['day' => 1, 'shifts' => [['from' => '09:00', 'until' => '17:00']]]],
                    'skills' => ['polish'],
                ]);
            }
        }
        $this->signIn();
        foreach ($this->must(BenchView::class, 'GET', '/api/bench')->tapes as $tape) {
            foreach ('Tomas' === $tape->name ? [] : $tape->today as $block) {
                self::assertMatchesRegularExpression('/polish|shine/', $block->title);
            }
        }
    }

    public function testWhatGoingFromPieceToPieceTakesIsSetAndPlannedFor(): void
    {
        $this->signIn('tomas');
        $seen = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame([2, 5], [$seen->switchMinutes, $seen->handoverMinutes]);
        $set = ['switchMinutes' => 10, 'handoverMinutes' => 0, 'version' => $seen->version];
        $now = $this->must(WorkshopView::class, 'PUT', '/api/workshop/set-up', $set);
        self::assertSame([10, 0], [$now->switchMinutes, $now->handoverMinutes]);
        $this->refused(409, 'PUT', '/api/workshop/set-up', ['switchMinutes' => 3] + $set);
        // More pieces than hands: between a step of one and a step of another lie ten minutes.
        for ($piece = 0; $piece < 6; ++$piece) {
            $this->plannedPair();
        }
        self::getContainer()->get(Reschedule::class)->improve(static fn (): bool => false, true);
        $tapes = $this->must(BenchView::class, 'GET', '/api/bench')->tapes;
        $pieces = $this->connection()->fetchAllKeyValue('SELECT id, piece_id FROM plan_step');
        $between = [];
        foreach ($tapes as $tape) {
            foreach ($tape->today as $k => $block) {
                $before = $tape->today[$k - 1] ?? null;
                if (null !== $before && $pieces[$before->step] !== $pieces[$block->step]) {
                    $between[] = (strtotime($block->start) - strtotime($before->end)) / 60;
                }
            }
        }
        self::assertGreaterThanOrEqual(10, min([999, ...$between]));
        self::assertNotSame([], $between);
    }

    public function testHoursThatCannotBeAreRefusedInWordsAndNothingChanges(): void
    {
        $this->signIn('ida');
        $workshop = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        $me = $workshop->people[0];
        foreach ([
            [['from' => '12:00', 'until' => '09:00']],
            [['from' => '09:00', 'until' => '12:00'], ['from' => '11:00', 'until' => '13:00']],
            [['from' => 'noon', 'until' => '13:00']],
        ] as $shifts) {
            $problem = $this->refused(422, 'PUT', "/api/workshop/people/{$me->id}", ['version' => $workshop->version, 'week' => [['day' => 1,
                'shifts' => $shifts]]]);
            self::assertStringContainsString($shifts[0]['from'], $problem->detail);
        }
        $this->refused(422, 'PUT', "/api/workshop/people/{$me->id}", ['version' => 'any', 'week' => [['day' => 9, 'shifts' => []]]]);
        $this->refused(422, 'POST', '/api/workshop/days', ['day' => 'opening night']);
        $this->refused(422, 'PUT', '/api/workshop/stations', ['station' => 'booth', 'places' => 0, 'version' => 'any']);
        $this->refused(422, 'PUT', '/api/workshop/set-up', ['switchMinutes' => -1, 'handoverMinutes' => 61, 'version' => 'any']);
        self::assertEquals($me, $this->must(WorkshopView::class, 'GET', '/api/workshop')->people[0]);
        $this->signIn('wren');
        $this->refused(403, 'PUT', "/api/workshop/people/{$me->id}", ['version' => 'any', 'week' => []]);
    }

    public function testOnesOwnHoursAreTheRestorersAndThoseOfAllTheOwners(): void
    {
        $people = array_column($this->must(WorkshopView::class, 'GET', '/api/workshop')->people, 'id', 'name');
        $hours = ['week' => [['day' => 2, 'shifts' => [['from' => '09:00', 'until' => '12:00']]]], 'skills' => []];
        $this->set('/people/'.$people['Tomas'], $hours);
        $this->refused(403, 'PUT', '/api/workshop/people/'.$people['Nell'], $hours + ['version' => 'any']);
        $this->signIn('ida');
        $this->set('/people/'.$people['Nell'], $hours);
    }

    public function testOnePlaceAtTheBenchTakesOneStepAtATime(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $this->set('/stations', ['station' => 'bench', 'places' => 1]);
        $blocks = [];
        foreach ($this->must(BenchView::class, 'GET', '/api/bench')->tapes as $tape) {
            foreach ($tape->today as $block) {
                if (!str_contains($block->title, 'Wash')) {
                    $blocks[] = [strtotime($block->start), strtotime($block->end)];
                }
            }
        }
        sort($blocks);
        foreach ($blocks as $i => $block) {
            self::assertTrue(0 === $i || $block[0] >= $blocks[$i - 1][1]);
        }
    }

    public function testTheLastTreeOfASizeIsMissedByNameAndMayBeGoneWithout(): void
    {
        $this->set('/stations', ['station' => 'trees-to-44', 'places' => 1]);
        $this->plannedPair();
        $this->doCall($this->workUntil('Put the tree in'));
        $second = $this->plannedPair();
        for ($i = 0; $i < 60; ++$i) {
            $calls = $this->must(BenchView::class, 'GET', '/api/bench')->calls;
            $mine = array_values(array_filter($calls, static fn ($c): bool => $c->step->piece === $second))[0] ?? null;
            if (null === $mine) {
                $this->clock->sleep(300);
            } elseif (str_contains($mine->step->title, 'tree')) {
                $problem = $this->refused(409, 'POST', "/api/steps/{$mine->step->id}/start", ['version' => $mine->step->version]);
                self::assertStringContainsString('None of the pairs of trees, 42 to 44 is left: The lamplighter’s shoes has it.', $problem->detail);
                self::assertTrue($problem->overridable);
                $this->must(BenchView::class, 'POST', "/api/steps/{$mine->step->id}/start", ['version' => $mine->step->version, 'why' => 'paper will do']);

                return;
            } else {
                $this->doCall($mine);
            }
        }
        self::fail('The tree never came up.');
    }

    public function testWhatGoingFromPieceToPieceTakesIsLearnedFromWhatWasDone(): void
    {
        $pieces = [$this->plannedPair(), $this->plannedPair()];
        self::assertNull($this->must(WorkshopView::class, 'GET', '/api/workshop')->switchSeen);
        $me = Row::first($this->connection(), "SELECT id FROM person WHERE login = 'ida'")?->int('id') ?? 0;
        // To and fro between the two, eight minutes at each and four between.
        $at = new \DateTimeImmutable('2026-03-02 08:00:00');
        foreach (range(0, 15) as $n) {
            $next = "SELECT id FROM plan_step WHERE piece_id = ? AND status = 'open' ORDER BY position LIMIT 1";
            $this->connection()->update('plan_step', [
                'status' => 'done', 'started_by_id' => $me,
                'started_at' => $at->format('Y-m-d H:i:s'), 'ended_at' => $at->modify('+8 minutes')->format('Y-m-d H:i:s'),
            ], ['id' => Row::first($this->connection(), $next, [$pieces[$n % 2]])?->int('id')]);
            $at = $at->modify('+12 minutes');
        }
        $view = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame([4, null], [$view->switchSeen, $view->handoverSeen]);
    }

    public function testYearsOfWhatWasLearnedAreNeverSortedToReadTheNewest(): void
    {
        $indexes = [];
        foreach (Row::all($this->connection(), 'SHOW INDEX FROM evidence') as $row) {
            $indexes[$row->text('Key_name')][] = $row->text('Column_name');
        }
        $usable = array_keys(array_filter($indexes, static fn (array $columns): bool => \in_array($columns[0], ['id', 'set_aside'], true)));
        self::assertNotSame([], $usable);
        foreach ($usable as $index) {
            $plan = Row::first($this->connection(), "EXPLAIN SELECT kind FROM evidence FORCE INDEX ($index) WHERE set_aside = 0 ORDER BY id DESC LIMIT 1500");
            self::assertStringNotContainsString('filesort', $plan?->textOrNull('Extra') ?? '', $index);
        }
    }

    public function testAFullRackTakesNoMore(): void
    {
        [$one, $other] = [$this->plannedPair(), $this->plannedPair()];
        $this->set('/stations', ['station' => 'rack', 'places' => 1]);
        $this->must(BenchView::class, 'POST', "/api/pieces/$one/place", ['place' => 'box']);
        // What nobody has begun with takes no slot yet.
        $this->must(BenchView::class, 'POST', "/api/pieces/$one/place", ['place' => 'rack']);
        $this->must(BenchView::class, 'POST', "/api/pieces/$one/place", ['place' => 'box']);
        $step = Row::first($this->connection(), 'SELECT id FROM plan_step WHERE piece_id = ? ORDER BY position LIMIT 1', [$other])?->int('id') ?? 0;
        $this->must(BenchView::class, 'POST', "/api/steps/$step/start", ['version' => 1]);
        self::assertStringContainsString('The rack is full', $this->refused(409, 'POST', "/api/pieces/$one/place", ['place' => 'rack'])->detail);
        $this->set('/stations', ['station' => 'rack', 'places' => 2]);
        $rack = $this->must(BenchView::class, 'POST', "/api/pieces/$one/place", ['place' => 'rack'])->rack;
        self::assertSame(DryingPlace::Rack, self::firstOf($rack, static fn ($p): bool => $p->piece === $one)->place);
    }

    public function testASetOfClampsIsTakenUntilItHasComeOff(): void
    {
        $this->set('/stations', ['station' => 'clamps', 'places' => 1]);
        $first = $this->plannedPair();
        $second = $this->plannedPair();
        // A joint on each: the first has just been made.
        $steps = [];
        foreach ([$first, $second] as $piece) {
            $id = Row::first($this->connection(), 'SELECT id FROM plan_step WHERE piece_id = ? ORDER BY position LIMIT 1', [$piece])?->int('id') ?? 0;
            $this->connection()->update(
                'plan_step',
                ['action' => 'bond'] +
                    ($piece === $first
                        ? ['status' => 'done', 'started_at' => '2026-03-02 08:50:00', 'ended_at' => '2026-03-02 08:58:00', 'next_at' => '2026-03-03 08:58:00']
                        : []),
                ['id' => $id],
            );
            $steps[] = $id;
        }
        $problem = $this->refused(409, 'POST', "/api/steps/{$steps[1]}/start", ['version' => 1]);
        self::assertStringContainsString('None of the sets of clamps is left', $problem->detail);
        // The joint is fast, and the clamps are on it still.
        $this->clock->sleep(25 * 3600);
        $this->refused(409, 'POST', "/api/steps/{$steps[1]}/start", ['version' => 1]);
        $this->connection()->executeStatement("UPDATE plan_step SET action = 'unclamp', status = 'done' WHERE piece_id = ? AND position = 2", [$first]);
        $this->must(BenchView::class, 'POST', "/api/steps/{$steps[1]}/start", ['version' => 1]);
    }

    public function testTheSoundIsTheWorkshopsAndEveryDeviceHearsOfIt(): void
    {
        self::assertSame(Alarm::Bell, $this->must(SessionView::class, 'GET', '/api/session')->alarm);
        self::assertSame(Alarm::Knock, $this->set('/alarm', ['alarm' => 'knock'])->alarm);
        self::assertSame(Alarm::Knock, $this->must(SessionView::class, 'GET', '/api/session')->alarm);
        $this->refused(422, 'PUT', '/api/workshop/alarm', ['alarm' => 'foghorn', 'version' => 'any']);
    }

    public function testRealMinutesAndGateAnswersAreLearnedFromShownAndReset(): void
    {
        for ($pair = 0; $pair < 2; ++$pair) {
            $this->plannedPair();
            $call = $this->workUntil('Wipe');
            $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
            $this->clock->sleep((int) (120 * $call->step->minutes));
            $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/done", ['version' => $bench->calls[0]->step->version]);
            // Twelve minutes by the book; not yet after thirteen, dry after twenty-four.
            $this->clock->sleep(13 * 60);
            $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/gate", ['version' => $call->step->version + 2, 'answer' => 'not-yet']);
            $this->clock->sleep(11 * 60);
            $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/gate", ['version' => $call->step->version + 3, 'answer' => 'passed']);
        }
        $learned = $this->must(WorkshopView::class, 'GET', '/api/workshop')->learned;
        $drying = self::firstOf($learned, static fn ($l): bool => EvidenceKind::Drying === $l->kind);
        self::assertSame('damp-cloth/cloth', $drying->what);
        self::assertEqualsWithDelta((sqrt(13 * 24) / 12) ** (2 / 8), $drying->factor, 0.02);
        $minutes = self::firstOf($learned, static fn ($l): bool => EvidenceKind::Minutes === $l->kind && 'damp-cloth/cloth' === $l->what);
        self::assertSame([2.0, 2.0], $minutes->seen);
        self::assertEqualsWithDelta(2 ** (2 / 8), $minutes->factor, 0.01);
        $factors = self::getContainer()->get(Learning::class)->factors();
        self::assertGreaterThan(1.1, $factors->drying(FamilyId::DampCloth, Applicator::Cloth));

        // The next wet cloth is given its time from the start.
        $this->plannedPair();
        $call = $this->workUntil('Wipe');
        $this->doCall($call);
        $rack = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->rack, static fn ($p): bool => $p->piece === $call->step->piece);
        self::assertGreaterThan(13 * 60, strtotime((string) $rack->coats[0]->nextAt) - strtotime($rack->coats[0]->laidAt));

        $this->signIn('ida');
        $after = $this->must(WorkshopView::class, 'POST', '/api/workshop/learned/reset', ['kind' => 'drying', 'what' => 'damp-cloth/cloth'])->learned;
        self::assertSame([], array_filter($after, static fn ($l): bool => EvidenceKind::Drying === $l->kind && 'damp-cloth/cloth' === $l->what));
        self::assertGreaterThan(2, $this->rows('evidence'), 'what was seen is kept');
    }

    public function testAKeyThatWasPressedLateOrByMistakeTeachesNothing(): void
    {
        $this->plannedPair();
        foreach (['too short' => 0.1, 'too long' => 6.0, 'believable' => 4.0] as $what => $times) {
            $call = $this->workUntil('too short' === $what ? 'Wipe' : 'Lay');
            $before = $this->rows('evidence');
            $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
            $this->clock->sleep((int) (60 * $times * $call->step->minutes));
            $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/done", ['version' => $bench->calls[0]->step->version]);
            self::assertSame('believable' === $what ? 1 : 0, $this->rows('evidence') - $before, $what);
        }
    }

    public function testOnlyTheNewestCountAndWhatIsLearnedAnewIsThatOneThing(): void
    {
        $me = Row::first($this->connection(), "SELECT id FROM person WHERE login = 'tomas'")?->int('id') ?? 0;
        $seen = function (string $kind, string $what, float $ratio, int $times) use ($me): void {
            for ($i = 0; $i < $times; ++$i) {
                $row = ['kind' => $kind, 'what' => $what, 'ratio' => $ratio, 'at' => '2026-03-01 10:00:00', 'person_id' => $me, 'set_aside' => 0];
                $this->connection()->insert('evidence', $row);
            }
        };
        $seen('minutes', 'cream/cloth', 3.0, 60);
        $seen('minutes', 'cream/cloth', 1.0, 40);
        $seen('minutes', 'wax/cloth', 2.0, 40);
        $seen('drying', 'cream/cloth', 2.0, 40);
        $factors = static fn (): Factors => self::getContainer()->get(Learning::class)->factors();
        $minutes = static fn (Factors $f, string $what): float => $f->minutes($what)->factor;
        self::assertSame(1.0, $minutes($factors(), 'cream/cloth'), 'sixty old ones are outweighed by none of them');
        self::assertGreaterThan(1.7, $minutes($factors(), 'wax/cloth'));
        $this->signIn('ida');
        $this->must(WorkshopView::class, 'POST', '/api/workshop/learned/reset', ['kind' => 'minutes', 'what' => 'wax/cloth']);
        self::assertSame(1.0, $minutes($factors(), 'wax/cloth'));
        self::assertGreaterThan(1.7, $factors()->drying(FamilyId::Cream, Applicator::Cloth), 'the same product, but its drying');
        $this->must(WorkshopView::class, 'POST', '/api/workshop/learned/reset', ['kind' => 'minutes', 'what' => 'cream/cloth']);
        self::assertGreaterThan(1.7, $factors()->drying(FamilyId::Cream, Applicator::Cloth));
    }

    public function testACalendarIsReadUnderItsSecretAddressUntilItIsRevoked(): void
    {
        $this->signIn('ida');
        $this->plannedPair();
        $made = $this->must(FeedMadeView::class, 'POST', '/api/workshop/feeds', status: 201);
        $this->must(SessionView::class, 'POST', '/api/sign-out');
        self::assertSame(200, $this->ask('GET', $made->path));
        $calendar = Reader::read($this->content());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        preg_match_all('/^SUMMARY:(.*)$/m', $this->content(), $found);
        $summaries = $found[1];
        self::assertCount(1, array_filter($summaries, static fn (string $s): bool => str_starts_with($s, 'Promised: ')));
        self::assertGreaterThan(1, \count($summaries), 'hand work stands in it too');
        self::assertSame(404, $this->ask('GET', '/calendar/'.str_repeat('A', 32).'.ics'));
        $this->signIn('ida');
        self::assertCount(1, $this->must(WorkshopView::class, 'GET', '/api/workshop')->feeds);
        self::assertSame([], $this->must(WorkshopView::class, 'DELETE', "/api/workshop/feeds/{$made->id}")->feeds);
        self::assertSame(404, $this->ask('GET', $made->path));
    }

    /** @return list<BlockView> what lies before all hands today */
    private function everybodys(): array
    {
        return array_merge([], ...array_map(static fn (TapeView $t): array => $t->today, $this->must(BenchView::class, 'GET', '/api/bench')->tapes));
    }

    public function testWhoDidNotSeeHowASettingStandsDoesNotOverwriteIt(): void
    {
        $this->signIn('ida');
        $seen = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame(Alarm::Knock, $this->set('/alarm', ['alarm' => 'knock'])->alarm);
        $hours = ['week' => [], 'version' => $seen->version];
        foreach ([
            ['/alarm', ['alarm' => 'silent']], ['/stations', ['station' => 'booth', 'places' => 2]], ["/people/{$seen->people[0]->id}", $hours],
        ] as [$path, $body]) {
            $stale = $this->refused(409, 'PUT', '/api/workshop'.$path, $body + ['version' => $seen->version]);
            self::assertStringContainsString('meanwhile', $stale->detail);
        }
        $now = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame(Alarm::Knock, $now->alarm);
        self::assertEquals([$seen->stations, $seen->people], [$now->stations, $now->people]);
        self::assertNotSame($now->version, $this->set("/people/{$seen->people[0]->id}", ['week' => []])->version, 'hours are a setting as well');
    }

    public function testTwoWhoSetSomethingAtOnceWaitForEachOther(): void
    {
        $version = new SettingsVersion($this->connection());
        $other = DriverManager::getConnection($this->connection()->getParams());
        $other->beginTransaction();
        (new SettingsVersion($other))->mustBe($version->current());
        $this->connection()->executeStatement('SET innodb_lock_wait_timeout = 1');
        try {
            $this->connection()->beginTransaction();
            $version->mustBe($version->current());
            self::fail('It did not wait.');
        } catch (LockWaitTimeoutException) {
            self::assertTrue($other->isTransactionActive());
        } finally {
            $this->connection()->rollBack();
            $this->connection()->executeStatement('SET innodb_lock_wait_timeout = 5');
            $other->rollBack();
        }
    }
}
