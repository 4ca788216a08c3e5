<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Air\FeedThermoHygrometer;
use KindHeel\App\Air\InstrumentSays;
use KindHeel\App\Air\NoThermoHygrometer;
use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Colour\Device\NoLine;
use KindHeel\App\Drying\AirWatchCommand;
use KindHeel\App\Drying\RecordAir;
use KindHeel\App\Drying\WhatIfView;
use KindHeel\App\Running\WorkLoop;
use KindHeel\App\Simulation\SimulatedThermoHygrometer;
use KindHeel\App\Simulation\ThermoHygrometerFactory;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;
use KindHeel\Core\Schedule\Standing;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

/** The instrument on the wall, and a person who does not believe it. */
final class AirTest extends ApiTestCase
{
    public function testWhatIsTypedHoldsForAnHourAgainstTheInstrument(): void
    {
        $record = self::getContainer()->get(RecordAir::class);
        $record->typed(Air::of(16.0, 0.7));
        $this->clock->sleep(59 * 60);
        self::assertFalse($record->measured(Air::of(21.0, 0.4)));
        self::assertSame(16.0, $this->history()->now()->tempC);
        $this->clock->sleep(2 * 60);
        self::assertTrue($record->measured(Air::of(21.0, 0.4)));
        self::assertSame([21.0, AirSource::Instrument], [$this->history()->latest()?->air->tempC, $this->history()->latest()?->source]);
    }

    public function testTheInstrumentIsKeptWhenItHasChangedOrAfterTenMinutes(): void
    {
        $record = self::getContainer()->get(RecordAir::class);
        $this->clock->sleep(61 * 60);
        self::assertTrue($record->measured(Air::of(20.0, 0.50)));
        $this->clock->sleep(60);
        self::assertFalse($record->measured(Air::of(20.2, 0.505)), 'a flicker');
        self::assertTrue($record->measured(Air::of(20.4, 0.505)), 'warmer');
        $this->clock->sleep(60);
        self::assertTrue($record->measured(Air::of(20.4, 0.53)), 'moister');
        $this->clock->sleep(11 * 60);
        self::assertTrue($record->measured(Air::of(20.4, 0.53)), 'as it was, but long ago');
    }

    public function testTheAirOfAMomentIsTheLastReadingBeforeItAndWhatFollows(): void
    {
        $record = self::getContainer()->get(RecordAir::class);
        $start = $this->clock->now();
        $this->clock->sleep(600);
        $record->typed(Air::of(18.0, 0.6));
        $this->clock->sleep(600);
        $record->typed(Air::of(19.0, 0.6));
        $spans = $this->history()->since($start->modify('+15 minutes'))->spans;
        self::assertSame([18.0, 19.0], array_map(static fn ($s): float => $s->air->tempC, $spans));
        $before = $this->history()->since($start->modify('-1 day'))->spans;
        self::assertSame(20.0, $before[0]->air->tempC, 'nobody had read it: the usual air');
        self::assertEquals($start->modify('-1 day'), $before[0]->from);
    }

    public function testYearsOfReadingsAreNotGoneThroughForTheAirOfToday(): void
    {
        $this->connection()->executeStatement(
            "INSERT INTO air_reading (place, at, temp_c, rh, speed_ms, source)
                SELECT IF(seq % 2, 'bench', 'rack'), '2026-01-01' + INTERVAL seq MINUTE, 20, 0.5, 0.1, 'instrument' FROM seq_1_to_5000",
        );
        $before = $this->rowsRead();
        $spans = $this->history()->since($this->clock->now()->modify('-1 hour'))->spans;
        self::assertSame([20.0, 20.0], array_map(static fn ($s): float => $s->air->tempC, $spans), 'the last of January, and what is usual here since');
        self::assertLessThan(60, $this->rowsRead() - $before);
    }

    public function testTheStandInReadsTheSameAtTheSameMomentAndStaysInARoomWherePeopleWork(): void
    {
        $instrument = new SimulatedThermoHygrometer();
        $at = new \DateTimeImmutable('2026-03-02T09:17:00+00:00');
        self::assertEquals($instrument->read($at, DryingPlace::Rack), $instrument->read($at, DryingPlace::Rack));
        $warmest = -\INF;
        $coldest = \INF;
        for ($hour = 0; $hour < 24 * 20; ++$hour) {
            $air = $instrument->read($at->modify("+$hour hours"), DryingPlace::Bench) ?? self::fail('It says nothing.');
            $warmest = max($warmest, $air->tempC);
            $coldest = min($coldest, $air->tempC);
            self::assertGreaterThanOrEqual(0.25, $air->rh);
            self::assertLessThanOrEqual(0.85, $air->rh);
        }
        self::assertGreaterThan(14.0, $coldest);
        self::assertLessThan(25.0, $warmest);
        self::assertGreaterThan(2.0, $warmest - $coldest, 'the air is not the same all day');
    }

    public function testTheWatchReadsOnceAndKeepsWhatItRead(): void
    {
        $this->clock->sleep(2 * 3600);
        $application = new Application(self::$kernel ?? self::bootKernel());
        $tester = new CommandTester($application->find('air:watch'));
        self::assertSame(0, $tester->execute(['--once' => true]));
        self::assertSame(AirSource::Simulated, $this->history()->latest()?->source, 'the stand-in is never taken for an instrument');
        self::assertSame(7, $this->rows('air_reading'), 'typed at three places, read at four');
    }

    public function testAnApprenticeTypesNoAirBeyondSense(): void
    {
        $this->signIn('wren');
        self::assertStringContainsString('11 °C away', $this->refused(409, 'POST', '/api/air', ['tempC' => 31.0, 'humidity' => 50])->detail);
        self::assertStringContainsString('30 % of humidity away', $this->refused(409, 'POST', '/api/air', ['tempC' => 20.0, 'humidity' => 80])->detail);
        self::assertSame(200, $this->ask('POST', '/api/air', ['tempC' => 26.0, 'humidity' => 60]), $this->content());
        $this->signIn('tomas');
        self::assertSame(200, $this->ask('POST', '/api/air', ['tempC' => 40.0, 'humidity' => 20]), 'a restorer may know better');
    }

    public function testDampAirIsSaidOnTheCoatThatSuffersFromIt(): void
    {
        $this->signIn();
        $this->plannedPair();
        self::getContainer()->get(RecordAir::class)->typed(Air::of(20.0, 1.0));
        $this->doCall($this->workUntil('Wipe'));
        $rack = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0];
        self::assertNull($rack->coats[0]->nextAt, 'water does not leave into air that is full of it');
        self::assertSame(Standing::Stalled, $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->standing);
        self::getContainer()->get(RecordAir::class)->typed(Air::reference());
        self::assertNotNull($this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0]->nextAt, 'and goes on when it has come');
    }

    public function testAPieceInTheDryingBoxMeetsTheAirThere(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $record = self::getContainer()->get(RecordAir::class);
        $record->typed(Air::of(32.0, 0.25, 0.6), DryingPlace::Box);
        $this->doCall($this->workUntil('Wipe'));
        $coat = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0];
        $bench = $this->must(BenchView::class, 'POST', "/api/pieces/$id/place", ['place' => 'box']);
        self::assertSame(DryingPlace::Box, $bench->rack[0]->place);
        self::assertLessThan(strtotime((string) $coat->nextAt), strtotime((string) $bench->rack[0]->coats[0]->nextAt));
        $record->typed(Air::of(12.0, 0.9), DryingPlace::Rack);
        self::assertSame(
            $bench->rack[0]->coats[0]->nextAt,
            $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0]->nextAt,
            'the rack’s air is nothing to it now',
        );
        $other = $this->plannedPair();
        $this->connection()->executeStatement("UPDATE plan_step SET next_at = '2026-03-05 12:34:56' WHERE next_at IS NOT NULL");
        $this->must(BenchView::class, 'POST', "/api/pieces/$other/place", ['place' => 'booth']);
        $at = 'SELECT MAX(next_at) FROM plan_step';
        self::assertSame('2026-03-05 12:34:56', $this->connection()->fetchOne($at), 'what stays where it is dries as before');
        $this->must(BenchView::class, 'POST', "/api/pieces/$id/place", ['place' => 'booth']);
        self::assertNotSame('2026-03-05 12:34:56', $this->connection()->fetchOne($at));
        $this->refused(422, 'POST', "/api/pieces/$id/place", ['place' => 'cellar']);
        $this->refused(404, 'POST', '/api/pieces/99999/place', ['place' => 'box']);
    }

    public function testWhatAFanWouldSaveIsSaidForEveryCoatAndChangesNothing(): void
    {
        $this->signIn();
        $this->plannedPair();
        self::assertSame([], $this->must(WhatIfView::class, 'GET', '/api/air/what-if?do=fan')->coats);
        $this->doCall($this->workUntil('Wipe'));
        $before = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0];
        $fan = $this->must(WhatIfView::class, 'GET', '/api/air/what-if?do=fan');
        self::assertSame($before->nextAt, $fan->coats[0]->was);
        // A minute of the twelve has not passed; a draught of 1 m/s takes water off √10 times as fast.
        self::assertSame((int) round(12 * 60 / sqrt(10)), strtotime((string) $fan->coats[0]->becomes) - strtotime($before->laidAt));
        self::assertSame(8, $fan->minutes);
        $damp = $this->must(WhatIfView::class, 'GET', '/api/air/what-if?do=window&outsideC=19&outsideHumidity=100');
        self::assertLessThan($fan->minutes, $damp->minutes);
        self::assertNotNull($this->must(WhatIfView::class, 'GET', '/api/air/what-if?do=heater')->caution);
        self::assertSame($before->nextAt, $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0]->nextAt);
        $this->refused(422, 'GET', '/api/air/what-if?do=prayer');
        $this->refused(422, 'GET', '/api/air/what-if?do=window&outsideC=900');
    }

    public function testAnInstrumentThatFailsIsNotBelievedAndIsSaidUntilItIsWellAgain(): void
    {
        $this->signIn();
        $record = self::getContainer()->get(RecordAir::class);
        $this->clock->sleep(2 * 3600);
        self::assertNull($record->said(new InstrumentSays(20.1, 0.5, 0.1), DryingPlace::Rack));
        $this->clock->sleep(600);
        self::assertSame(SensorFault::Absurd, $record->said(new InstrumentSays(-127.0, 2.55, 0.0), DryingPlace::Rack));
        $rack = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->air, static fn ($a): bool => DryingPlace::Rack === $a->place);
        self::assertSame(20.1, $rack->tempC, 'the air before holds on');
        self::assertStringContainsString('is not believed', $rack->said[0]);
        self::assertSame(SensorFault::Missing, $record->said(null, DryingPlace::Rack));
        self::assertNull($record->said(new InstrumentSays(20.4, 0.5, 0.1), DryingPlace::Rack));
        self::assertSame(
            [],
            self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->air, static fn ($a): bool => DryingPlace::Rack === $a->place)->said,
        );
        for ($n = 0; $n < 24; ++$n) {
            $this->clock->sleep(660);
            $record->said(new InstrumentSays(20.4, 0.5, 0.1), DryingPlace::Rack);
        }
        self::assertSame(SensorFault::Stuck, $record->said(new InstrumentSays(20.4, 0.5, 0.1), DryingPlace::Rack));
    }

    public function testTheFeedIsReadAsItIsDocumentedAndSilenceIsNotTakenForAir(): void
    {
        $asked = [];
        $feed = new FeedThermoHygrometer(new MockHttpClient(static function (string $method, string $url) use (&$asked): MockResponse {
            $asked[] = $url;

            return match (true) {
                str_contains($url, 'rack') => new MockResponse('{"place":"rack","at":"2026-03-02T09:00:00+00:00","temp_c":19,"rh":0.51,"speed_ms":0.1}'),
                str_contains($url, 'booth') => new MockResponse('{"temp_c":"warm","rh":0.5}'),
                str_contains($url, 'box') => new MockResponse('<html>', ['http_code' => 200]),
                default => new MockResponse('', ['http_code' => 503]),
            };
        }), 'http://127.0.0.1:8318/');
        $read = fn (DryingPlace $place): ?InstrumentSays => $feed->read($this->clock->now(), $place);
        self::assertEquals(new InstrumentSays(19.0, 0.51, 0.1), $read(DryingPlace::Rack));
        self::assertSame([null, null, null], [$read(DryingPlace::Booth), $read(DryingPlace::Box), $read(DryingPlace::Bench)]);
        self::assertStringStartsWith('http://127.0.0.1:8318/places/rack?at=2026-03-02T09:00:00', $asked[0]);
    }

    public function testARainyWeekIsDamperAndFaultsCanBeSetOnTheStandIn(): void
    {
        $at = new \DateTimeImmutable('2026-03-02T14:00:00+00:00');
        [$dry, $wet] = [
            (new SimulatedThermoHygrometer())->read($at, DryingPlace::Rack),
            (new SimulatedThermoHygrometer(rainy: true))->read($at, DryingPlace::Rack),
        ];
        self::assertGreaterThan(0.2, ($wet->rh ?? 0.0) - ($dry->rh ?? 0.0));
        $broken = new SimulatedThermoHygrometer(faults: ['rack' => SensorFault::Stuck, 'box' => SensorFault::Missing, 'booth' => SensorFault::Absurd]);
        self::assertEquals($broken->read($at, DryingPlace::Rack), $broken->read($at->modify('+5 hours'), DryingPlace::Rack));
        self::assertNull($broken->read($at, DryingPlace::Box));
        self::assertSame(SensorFault::Absurd, SensorFault::in($broken->read($at, DryingPlace::Booth)?->figures(), [], $at));
    }

    public function testWhatIsReadOfAllPlacesMovesTheWaitsOnce(): void
    {
        $instrument = new class implements ThermoHygrometer {
            public float $tempC = 20.0;

            public function places(): array
            {
                return [DryingPlace::Bench, DryingPlace::Rack, DryingPlace::Booth];
            }

            public function read(\DateTimeImmutable $at, DryingPlace $place): InstrumentSays
            {
                return new InstrumentSays($this->tempC, 0.5, 0.1);
            }
        };
        $record = self::getContainer()->get(RecordAir::class);
        // What was typed holds for an hour.
        $this->clock->sleep(4000);
        $this->signIn();
        $this->plannedPair();
        $this->doCall($this->workUntil('Wipe'));
        $this->clock->sleep(660);
        $one = $this->statements(function () use ($record, $instrument): void {
            foreach ($instrument->places() as $place) {
                $record->said($instrument->read($this->clock->now(), $place), $place);
            }
        });
        $this->clock->sleep(660);
        $instrument->tempC = 21.0;
        $before = $this->rows('air_reading');
        $all = $this->statements(static fn () => $record->read($instrument));
        self::assertSame($before + 3, $this->rows('air_reading'), 'each place has its reading');
        self::assertLessThan(0.6 * $one, $all, 'what lies is forecast once for all, not once for each');
        $this->clock->sleep(60);
        self::assertLessThan($all, $this->statements(static fn () => $record->read($instrument)), 'and not at all where nothing has changed');
    }

    public function testAWorkshopWithoutAnInstrumentHasNoneThatFails(): void
    {
        $watch = new AirWatchCommand(
            new NoThermoHygrometer(),
            self::getContainer()->get(RecordAir::class),
            self::getContainer()->get(WorkLoop::class)
        );
        $before = $this->rows('air_reading');
        self::assertSame(0, $watch(once: true));
        self::assertSame([$before, 0], [$this->rows('air_reading'), $this->rows('air_fault')]);
        self::assertInstanceOf(NoThermoHygrometer::class, (new ThermoHygrometerFactory(new FeedThermoHygrometer(new MockHttpClient(), ''), ''))());
        $this->expectExceptionMessage('There is no colour reader here.');
        (new NoLine())->ask('{}');
    }

    private function history(): AirHistory
    {
        return self::getContainer()->get(AirHistory::class);
    }
}
