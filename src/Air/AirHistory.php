<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;
use Psr\Clock\ClockInterface;

/** The air as it was read, at each place. A place without an instrument has the air of the bench. */
final readonly class AirHistory
{
    private const COLUMNS = 'SELECT id, at, temp_c, rh, speed_ms, source, place FROM air_reading';
    /** What stands about stands there. */
    public const USUAL = DryingPlace::Rack;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function latest(DryingPlace $place = DryingPlace::Bench): ?KnownAir
    {
        $row = Row::first($this->connection, self::COLUMNS.' WHERE place = ? AND at <= ? ORDER BY at DESC, id DESC LIMIT 1', [
            $place->value,
            Iso::toRow($this->clock->now()),
        ]);

        return null === $row ? null : self::known($row);
    }

    /** @return array<string, KnownAir> the latest of each place, with what is wrong with its instrument */
    public function everywhere(): array
    {
        $now = Iso::toRow($this->clock->now());
        $known = [];
        foreach (
            Row::all(
                $this->connection,
                implode(
                    ' UNION ALL ',
                    array_map(
                        static fn (
                            DryingPlace $p,
                        ): string => '(SELECT at, temp_c, rh, speed_ms, source, place, (SELECT f.fault FROM air_fault f WHERE f.place = '
                            .'air_reading.place) AS fault FROM air_reading'
                            ." WHERE place = '".
                            $p->value."' AND at <= ? ORDER BY at DESC, id DESC LIMIT 1)",
                        DryingPlace::cases(),
                    ),
                ),
                array_fill(0, \count(DryingPlace::cases()), $now),
            ) as $row
        ) {
            $air = self::known($row);
            $fault = $row->textOrNull('fault');
            $known[$row->text('place')] = new KnownAir($air->at, $air->air, $air->source, $air->place, null === $fault ? null : SensorFault::from($fault));
        }

        return $known;
    }

    /** The air now, or the usual one where nobody has ever read it. */
    public function now(): Air
    {
        return $this->latest()->air ?? Air::reference();
    }

    /** From the last reading before a moment on; the usual air stands in where none is so old. */
    public function since(\DateTimeImmutable $moment, DryingPlace $place = DryingPlace::Bench): AirRecord
    {
        return $this->records($moment)[$place->value];
    }

    /** The air that a piece has met from a moment on, wherever it stood. */
    public function around(int $piece, \DateTimeImmutable $moment): AirRecord
    {
        return $this->aroundEach([$piece], $moment)[$piece];
    }

    /**
     * {@see around()} for several pieces, in two queries.
     *
     * @param list<int> $pieces
     *
     * @return array<int, AirRecord>
     */
    public function aroundEach(array $pieces, \DateTimeImmutable $moment): array
    {
        $records = $this->records($moment);
        $moves = [];
        foreach (
            [] === $pieces
                ? []
                : Row::all(
                    $this->connection,
                    'SELECT piece_id, place, at FROM piece_move WHERE piece_id IN (?) ORDER BY at, id',
                    [$pieces],
                    [ArrayParameterType::INTEGER],
                ) as $row
        ) {
            $moves[$row->int('piece_id')][] = $row;
        }
        $around = [];
        foreach ($pieces as $piece) {
            $stays = [[$moment, $records[self::USUAL->value]]];
            foreach ($moves[$piece] ?? [] as $move) {
                $at = max($moment, $move->time('at'));
                if ($at <= $stays[array_key_last($stays)][0]) {
                    array_pop($stays);
                }
                $stays[] = [$at, $records[$move->text('place')]];
            }
            $around[$piece] = AirRecord::along($stays);
        }

        return $around;
    }

    /** @return array<string, AirRecord> by place, from the last reading before a moment on */
    private function records(\DateTimeImmutable $moment): array
    {
        $spans = [];
        // Place by place: what was read for years before the moment is not gone through to find the last of it.
        $ofPlace = static fn (DryingPlace $p): string => '('.self::COLUMNS." WHERE place = '$p->value'
            AND at >= COALESCE((SELECT MAX(at) FROM air_reading WHERE place = '$p->value' AND at <= ?), ?))";
        foreach (Row::all(
            $this->connection,
            implode(' UNION ALL ', array_map($ofPlace, DryingPlace::cases())).' ORDER BY at, id',
            array_fill(0, 2 * \count(DryingPlace::cases()), Iso::toRow($moment)),
        ) as $row) {
            $known = self::known($row);
            // Two readings of one second: the later one holds.
            $spans[$row->text('place')][$known->at->getTimestamp()] = new AirSpan($known->at, $known->air);
        }
        $bench = self::record(array_values($spans[DryingPlace::Bench->value] ?? []), $moment);
        $records = [];
        foreach (DryingPlace::cases() as $place) {
            $records[$place->value] = isset($spans[$place->value]) ? self::record(array_values($spans[$place->value]), $moment) : $bench;
        }

        return $records;
    }

    /** @param list<AirSpan> $spans */
    private static function record(array $spans, \DateTimeImmutable $moment): AirRecord
    {
        if ([] === $spans || $spans[0]->from > $moment) {
            array_unshift($spans, new AirSpan($moment, Air::reference()));
        }

        return AirRecord::of($spans);
    }

    private static function known(Row $row): KnownAir
    {
        return new KnownAir(
            $row->time('at'),
            Air::of($row->float('temp_c'), $row->float('rh'), $row->float('speed_ms')),
            AirSource::from($row->text('source')),
            DryingPlace::from($row->text('place')),
        );
    }
}
