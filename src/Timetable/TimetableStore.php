<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;

/** The one row that holds the timetable, and counts the changes of the bench. */
final readonly class TimetableStore
{
    public function __construct(private Connection $connection)
    {
    }

    public function read(): CurrentTimetable
    {
        $row = Row::first($this->connection, 'SELECT blocks, ends, changes, paces, marks, hours FROM timetable') ?? throw self::missing();
        /** @var list<array{int, int, int, int, int, ?string, ?string}> $blocks */
        $blocks = $row->json('blocks');
        /** @var list<array{int, float|int}> $paces */
        $paces = $row->json('paces');
        /** @var list<array{int, int}> $ends */
        $ends = $row->json('ends');

        /** @var list<array{int, string}> $marks */
        $marks = $row->json('marks');

        return new CurrentTimetable(
            $blocks,
            array_column($ends, 1, 0),
            $row->int('changes'),
            array_column($paces, 1, 0),
            array_column($marks, 1, 0),
            $row->text('hours'),
        );
    }

    /** How often the bench has changed so far. */
    public function changes(): int
    {
        return Row::first($this->connection, 'SELECT asked FROM timetable')?->int('asked') ?? throw self::missing();
    }

    /** Nobody has looked for a better order since the bench changed. */
    public function isUnsolved(): bool
    {
        return null !== Row::first($this->connection, 'SELECT id FROM timetable WHERE asked <> solved');
    }

    /** The bench has changed, and this is how the rest has moved. */
    public function renew(CurrentTimetable $table, \DateTimeImmutable $now): void
    {
        $this->write('asked = asked + 1', $table, $now);
    }

    /**
     * A better order, for the bench as it was after so many changes.
     *
     * @return bool false where somebody has acted meanwhile: then it is of yesterday, and thrown away
     */
    public function improve(CurrentTimetable $table, \DateTimeImmutable $now, int $changes): bool
    {
        return $this->write('solved = asked', $table, $now, $changes);
    }

    /** Something that the bench shows has changed, though not the times. */
    public function touch(): void
    {
        $this->connection->executeStatement('UPDATE timetable SET asked = asked + 1');
    }

    /** Holds all others off who mean to change the bench of their own accord, until the transaction ends. */
    public function lock(): void
    {
        $this->connection->executeQuery('SELECT id FROM timetable FOR UPDATE')->free();
    }

    private function write(string $count, CurrentTimetable $table, \DateTimeImmutable $now, ?int $onlyAfter = null): bool
    {
        $values = [
            Iso::toRow($now),
            json_encode($table->blocks, \JSON_THROW_ON_ERROR),
            json_encode(self::pairs($table->ends), \JSON_THROW_ON_ERROR),
            json_encode(self::pairs($table->paces), \JSON_THROW_ON_ERROR),
            $table->changes,
            json_encode(self::pairs($table->marks), \JSON_THROW_ON_ERROR),
            $table->hours,
        ];

        return $this->connection->executeStatement(
            'UPDATE timetable SET '.$count.', at = ?, blocks = ?, ends = ?, paces = ?, changes = ?, marks = ?, hours = ?'
                .(null === $onlyAfter ? '' : ' WHERE asked = ?'),
            null === $onlyAfter ? $values : [...$values, $onlyAfter],
        ) > 0;
    }

    /**
     * @template T of int|float|string
     *
     * @param array<int, T> $map
     *
     * @return list<array{int, T}>
     */
    private static function pairs(array $map): array
    {
        return array_map(static fn (int $key, int|float|string $value): array => [$key, $value], array_keys($map), array_values($map));
    }

    private static function missing(): \LogicException
    {
        return new \LogicException('The row is made with the table.');
    }
}
