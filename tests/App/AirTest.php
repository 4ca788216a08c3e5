<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Air\RecordAir;
use KindHeel\App\Air\SimulatedThermoHygrometer;
use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Bench\BenchView;
use KindHeel\Core\Drying\Air;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

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

    public function testTheStandInReadsTheSameAtTheSameMomentAndStaysInARoomWherePeopleWork(): void
    {
        $instrument = new SimulatedThermoHygrometer();
        $at = new \DateTimeImmutable('2026-03-02T09:17:00+00:00');
        self::assertEquals($instrument->read($at), $instrument->read($at));
        $warmest = $coldest = $instrument->read($at)->tempC;
        for ($hour = 0; $hour < 24 * 20; ++$hour) {
            $air = $instrument->read($at->modify("+$hour hours"));
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
        self::assertInstanceOf(SimulatedThermoHygrometer::class, self::getContainer()->get(ThermoHygrometer::class));
        $application = new Application(self::$kernel ?? self::bootKernel());
        $tester = new CommandTester($application->find('air:watch'));
        self::assertSame(0, $tester->execute(['--once' => true]));
        self::assertSame(AirSource::Instrument, $this->history()->latest()?->source);
        self::assertSame(2, $this->rows('air_reading'));
    }

    public function testDampAirIsSaidOnTheCoatThatSuffersFromIt(): void
    {
        $this->signIn();
        $this->plannedPair();
        self::getContainer()->get(RecordAir::class)->typed(Air::of(20.0, 1.0));
        $this->doCall($this->workUntil('Wipe'));
        $rack = $this->must(BenchView::class, 'GET', '/api/bench')->rack[0];
        self::assertNull($rack->coats[0]->nextAt, 'water does not leave into air that is full of it');
        // The other half may still be wiped; the one that is wet waits for drier air.
        $this->doCall($this->workUntil('Wipe'));
        self::assertSame('stalled', $this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->standing);
        self::getContainer()->get(RecordAir::class)->typed(Air::reference());
        self::assertNotNull($this->must(BenchView::class, 'GET', '/api/bench')->rack[0]->coats[0]->nextAt, 'and goes on when it has come');
    }

    private function history(): AirHistory
    {
        return self::getContainer()->get(AirHistory::class);
    }
}
