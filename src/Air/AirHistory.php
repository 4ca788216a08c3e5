<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use Psr\Clock\ClockInterface;

/** The air as it was read. */
final readonly class AirHistory
{
    private const COLUMNS = 'SELECT at, temp_c, rh, speed_ms, source FROM air_reading';

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function latest(): ?KnownAir
    {
        $row = Row::first($this->connection, self::COLUMNS.' WHERE at <= ? ORDER BY at DESC, id DESC LIMIT 1', [Iso::toRow($this->clock->now())]);

        return null === $row ? null : self::known($row);
    }

    /** The air now, or the usual one where nobody has ever read it. */
    public function now(): Air
    {
        return $this->latest()->air ?? Air::reference();
    }

    /** From the last reading before a moment on; the usual air stands in where none is so old. */
    public function since(\DateTimeImmutable $moment): AirRecord
    {
        $at = Iso::toRow($moment);
        $rows = Row::all(
            $this->connection,
            self::COLUMNS.' WHERE at >= COALESCE((SELECT MAX(at) FROM air_reading WHERE at <= ?), ?) ORDER BY at, id',
            [$at, $at],
        );
        $spans = [];
        foreach ($rows as $row) {
            $known = self::known($row);
            // Two readings of one second: the later one holds.
            $spans[$known->at->getTimestamp()] = new AirSpan($known->at, $known->air);
        }
        $spans = array_values($spans);
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
        );
    }
}
