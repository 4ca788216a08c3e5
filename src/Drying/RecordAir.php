<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirReading;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Air\InstrumentSays;
use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\Steps;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\SensorFault;
use KindHeel\Core\Drying\Stage;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Takes in a reading of the air and moves every running wait to what it means. */
final readonly class RecordAir
{
    /** What is typed holds for an hour against the instrument. */
    private const TYPED_HOLDS_MINUTES = 60;
    /** The instrument's reading is kept when it has changed by so much, or after so many minutes. */
    private const DEGREES = 0.3;
    private const HUMIDITY = 0.01;
    private const MINUTES = 10;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private AirHistory $history,
        private CoatForecasts $forecasts,
        private Steps $steps,
        private ClockInterface $clock,
        private EventDispatcherInterface $events,
    ) {
    }

    /** @param DryingPlace|null $place none for the whole room: all places but the drying box */
    public function typed(Air $air, ?DryingPlace $place = null): void
    {
        foreach (null === $place ? [DryingPlace::Bench, DryingPlace::Rack, DryingPlace::Booth] : [$place] as $here) {
            $this->entities->persist(new AirReading($this->clock->now(), $air, AirSource::Typed, $here));
        }
        $this->entities->flush();
        $this->moveWaits();
    }

    /** What an instrument says of every place that it has a sensor in; waits are moved once, by all of it. */
    public function read(ThermoHygrometer $instrument): void
    {
        $now = $this->clock->now();
        $kept = array_map(fn (DryingPlace $place): bool => $this->keep($instrument->read($now, $place), $place)[1], $instrument->places());
        if (\in_array(true, $kept, true)) {
            $this->moveWaits();
        }
    }

    /** What an instrument says, unless it fails or says nothing: then that is kept instead, and the air before holds on. */
    public function said(?InstrumentSays $said, DryingPlace $place): ?SensorFault
    {
        [$fault, $kept] = $this->keep($said, $place);
        if ($kept) {
            $this->moveWaits();
        }

        return $fault;
    }

    /** @return array{SensorFault|null, bool} what is wrong with it, and whether the reading was worth keeping */
    private function keep(?InstrumentSays $said, DryingPlace $place): array
    {
        $now = $this->clock->now();
        $before = array_map(
            static fn (Row $r): AirSpan => new AirSpan($r->time('at'), Air::of($r->float('temp_c'), $r->float('rh'), $r->float('speed_ms'))),
            Row::all(
                $this->connection,
                'SELECT at, temp_c, rh, speed_ms FROM air_reading WHERE place = ? AND source <> ? AND at BETWEEN ? AND ? ORDER BY at, id',
                [$place->value, AirSource::Typed->value, Iso::toRow($now->modify('-5 hours')), Iso::toRow($now)],
            ),
        );
        $fault = SensorFault::in($said?->figures(), $before, $now);
        if (null === $fault) {
            $changed = $this->connection->delete('air_fault', ['place' => $place->value]);
        } else {
            $changed = $this->connection->executeStatement(
                'INSERT INTO air_fault (place, fault, since) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE since = IF(fault = VALUES(fault), since, '
                    .'VALUES(since)), fault = VALUES(fault)',
                [$place->value, $fault->value, Iso::toRow($now)],
            );
        }
        if ($changed > 0) {
            $this->events->dispatch(BenchChanged::inLooks());
        }
        // What has stopped is still written down: it may go on, and the record shows since when.
        $kept = null !== $said && (null === $fault || SensorFault::Stuck === $fault)
            && $this->write(Air::of(...$said->figures()), $place, $said->simulated ? AirSource::Simulated : AirSource::Instrument);

        return [$fault, $kept];
    }

    /** @return bool whether the reading was worth keeping */
    public function measured(Air $air, DryingPlace $place = DryingPlace::Bench, AirSource $source = AirSource::Instrument): bool
    {
        $kept = $this->write($air, $place, $source);
        if ($kept) {
            $this->moveWaits();
        }

        return $kept;
    }

    private function write(Air $air, DryingPlace $place, AirSource $source): bool
    {
        $now = $this->clock->now();
        $last = $this->history->latest($place);
        $age = null === $last ? \INF : ($now->getTimestamp() - $last->at->getTimestamp()) / 60.0;
        if (null !== $last && AirSource::Typed === $last->source && $age < self::TYPED_HOLDS_MINUTES) {
            return false;
        }
        if (null !== $last && $age < self::MINUTES && abs($last->air->tempC - $air->tempC) < self::DEGREES && abs($last->air->rh - $air->rh) < self::HUMIDITY) {
            return false;
        }
        $this->entities->persist(new AirReading($now, $air, $source, $place));
        $this->entities->flush();

        return true;
    }

    /** Every coat that is on its way is forecast once more; those of one piece alone where only that one has met another air. */
    public function moveWaits(?int $piece = null): void
    {
        $move = function () use ($piece): void {
            $coats = $this->steps->drying(Stage::Full, $this->clock->now(), finishedToo: true, piece: $piece);
            $this->steps->keepForecasts($this->anew($coats));
            $this->events->dispatch([] === $coats ? BenchChanged::inLooks() : BenchChanged::inTime());
        };
        $this->connection->isTransactionActive() ? $move() : $this->connection->transactional($move);
    }

    /**
     * @param list<StepRecord> $coats
     *
     * @return iterable<array{StepRecord, Forecast}> each in the air that it has met
     */
    private function anew(array $coats): iterable
    {
        foreach ($this->forecasts->each($coats) as [$step, $air, $in]) {
            yield [$step, $in($air)];
        }
    }
}
