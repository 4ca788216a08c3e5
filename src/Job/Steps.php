<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\KitLine;

/** Stored steps as they are read: the one place that knows the table `plan_step`. */
final readonly class Steps
{
    /** Counts of a piece `p` for {@see PieceProgress}: its steps, those begun, those done. */
    public const COUNTED = '(SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id) AS steps,
        (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \''.self::OPEN.'\') AS begun,
        (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status = \''.self::DONE.'\') AS done';
    /** Minutes that went into a step `s` that is done, as {@see StepWork::minutes()} counts them. */
    public const WORKED_MINUTES = '(s.worked_seconds + TIMESTAMPDIFF(SECOND, s.started_at, s.ended_at)) / 60';
    /** Conditions on a piece `p`: it has steps, and one of them was begun. */
    public const EXIST = 'EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id)';
    public const BEGUN = 'EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \''.self::OPEN.'\')';
    private const OPEN = 'open';
    private const RUNNING = 'running';
    private const DONE = 'done';
    private const DRIES = 's.status = \''.self::DONE.'\' AND s.drying_family IS NOT NULL';
    private const FROM = ' FROM plan_step s LEFT JOIN person w ON w.id = s.started_by_id';
    private const COLUMNS = 's.id, s.version, s.piece_id, s.step_key, s.position, s.title, s.phase, s.action, s.family, s.drying_family, s.applicator,
        s.station, s.brush, s.minutes, s.status, s.started_at, s.started_by_id, w.name AS person, s.ended_at, s.worked_seconds, s.spoiled, s.gate,
        s.gate_from, s.gate_passed_at, s.added_minutes,
        UNIX_TIMESTAMP(s.touch_at) + 60 * s.added_minutes AS touch, UNIX_TIMESTAMP(s.recoat_from_at) + 60 * s.added_minutes AS recoat_from,
        UNIX_TIMESTAMP(s.recoat_until_at) + 60 * s.added_minutes AS recoat_until, UNIX_TIMESTAMP(s.next_at) + 60 * s.added_minutes AS next,
        UNIX_TIMESTAMP(s.full_at) + 60 * s.added_minutes AS full, ';
    /** What a piece is without, under or in while it is worked on: {@see Arrangement::isChangedBy()}. */
    private const ARRANGES = 's.status = \''.self::DONE.'\' AND s.action IN (\'take-apart\', \'put-together\', \'mask\', \'unmask\', \'bond\',
        \'unclamp\', \'tree\', \'tree-out\')';
    /** Only coats that dry and how the piece is arranged are drawn, and what is done waits for nothing: the rest of a long list need not come along. */
    private const IN_PASSING = self::COLUMNS.'CASE WHEN s.status = \''.self::DONE.'\' THEN \'[]\' ELSE s.waits END AS waits,
        CASE WHEN '.self::DRIES.' OR '.self::ARRANGES.' THEN s.places ELSE \'[]\' END AS places, CASE WHEN '.self::DRIES
        .' THEN s.air_warnings ELSE \'[]\' END AS air_warnings';
    private const WHOLE = self::COLUMNS
        .'s.waits, s.places, s.air_warnings, s.place_words, s.why, s.how, s.coat, s.coats, s.amount, s.unit, s.supplies, s.shade, s.tries, s.rules,
        s.hazards, s.cautions, s.overrides,
        (SELECT JSON_ARRAYAGG(CONCAT(n.name, \': \', e.text) ORDER BY e.id) FROM ledger_entry e JOIN person n ON n.id = e.person_id
         WHERE e.piece_id = s.piece_id AND e.step_key = s.step_key AND e.event = \'noted\') AS notes';

    public function __construct(private Connection $connection, private PlanMarks $marks)
    {
    }

    /** @return list<StepRecord> in their order */
    public function ofPiece(int $piece): array
    {
        return $this->ofPieces([$piece])[$piece] ?? [];
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<StepRecord>> by piece, each in its order
     */
    public function ofPieces(array $pieces): array
    {
        return $this->byPiece('s.piece_id', $pieces);
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, list<StepRecord>> by piece, each in its order
     */
    public function some(array $ids): array
    {
        return $this->byPiece('s.id', $ids);
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<StepGlance>> by piece, each in its order
     */
    public function glances(array $pieces): array
    {
        $glances = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            'SELECT s.piece_id, s.id, s.step_key, s.title, s.status, s.waits, '.self::ARRANGES.' AS arranges, UNIX_TIMESTAMP(s.ended_at) AS ended,
                CASE WHEN '.self::DRIES.' THEN COALESCE(UNIX_TIMESTAMP(s.full_at) + 60 * s.added_minutes, '.\PHP_INT_MAX.') ELSE 0 END AS dries_until
             FROM plan_step s WHERE s.piece_id IN (?) ORDER BY s.piece_id, s.position',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $glances[$row->int('piece_id')][] = StepRows::glance($row);
        }

        return $glances;
    }

    /** @return list<StepDetail> in their order */
    public function detailsOfPiece(int $piece): array
    {
        return array_map(StepRows::detail(...), $this->all(self::WHOLE, 's.piece_id IN (?) ORDER BY s.position', [$piece]));
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, StepDetail> by id
     */
    public function details(array $ids): array
    {
        $details = [];
        foreach ($this->all(self::WHOLE, 's.id IN (?)', $ids) as $row) {
            $details[$row->int('id')] = StepRows::detail($row);
        }

        return $details;
    }

    /**
     * What the steps still to be done of all pieces that are not done take from the shelf.
     *
     * @return array<int, list<KitLine>> by piece
     */
    public function stillToLay(): array
    {
        $lines = [];
        foreach (Row::all(
            $this->connection,
            'SELECT s.piece_id, s.family, s.shade, s.applicator, SUM(s.amount) AS amount FROM plan_step s JOIN piece p ON p.id = s.piece_id
                WHERE p.finished_at IS NULL AND s.status = \''.self::OPEN.'\' AND s.family IS NOT NULL AND s.amount IS NOT NULL
                GROUP BY s.piece_id, s.family, s.shade, s.applicator',
        ) as $row) {
            $lines[$row->int('piece_id')][] = new KitLine(
                $row->enum('family', FamilyId::class),
                $row->enumOrNull('shade', Shade::class),
                $row->float('amount'),
                $row->enum('applicator', Applicator::class),
                null,
                [],
            );
        }

        return $lines;
    }

    public function find(int $id): ?StepRecord
    {
        $rows = $this->all(self::IN_PASSING, 's.id IN (?)', [$id]);

        return [] === $rows ? null : StepRows::record($rows[0]);
    }

    /** What somebody is at; null when they are free. */
    public function under(int $person): ?StepRecord
    {
        $rows = $this->all(self::IN_PASSING, 's.status = \''.self::RUNNING.'\' AND s.started_by_id IN (?)', [$person]);

        return [] === $rows ? null : StepRows::record($rows[0]);
    }

    /**
     * Coats that are still on their way to a stage, the first to come there first; of one piece, where it is said.
     *
     * @return list<StepRecord>
     */
    public function drying(Stage $until, \DateTimeImmutable $now, bool $finishedToo = false, ?int $piece = null): array
    {
        $at = 's.'.$until->value.'_at';
        $of = null === $piece ? '' : ' AND s.piece_id = '.$piece;
        $open = $finishedToo ? '' : ' AND EXISTS (SELECT 1 FROM piece p WHERE p.id = s.piece_id AND p.finished_at IS NULL)';

        return array_map(StepRows::record(...), Row::all(
            $this->connection,
            'SELECT '.self::IN_PASSING.self::FROM.' WHERE '.self::DRIES." AND ($at > ? OR $at IS NULL)$of$open ORDER BY $at, s.id",
            [Iso::toRow($now)],
        ));
    }

    /**
     * Past the database's entities: a forecast is not a change by somebody, so it must not count up a version.
     *
     * @param iterable<array{StepRecord, Forecast}> $forecasts
     */
    public function keepForecasts(iterable $forecasts): void
    {
        $pieces = [];
        foreach ($forecasts as [$step, $forecast]) {
            $columns = ['air_warnings' => json_encode(Moments::warnings($forecast), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE)];
            foreach (Stage::cases() as $stage) {
                $at = $forecast->at($stage);
                $columns[$stage->value.'_at'] = null === $at ? null : Iso::toRow($at);
            }
            if ($this->connection->update('plan_step', $columns, ['id' => $step->id]) > 0) {
                $pieces[] = $step->piece;
            }
        }
        $this->marks->changed(array_values(array_unique($pieces)));
    }

    /** Something has been laid on a place that hides what it is made of. */
    public function isCovered(int $piece, Place $place): bool
    {
        $covering = array_values(array_filter(FamilyId::cases(), static fn (FamilyId $f): bool => $f->family()->covers()));

        return [] !== $this->connection->fetchFirstColumn(
            'SELECT s.id FROM plan_step s WHERE s.piece_id = ? AND '.self::DRIES
                    .' AND s.drying_family IN (?) AND JSON_CONTAINS(s.places, JSON_OBJECT(\'part\', ?, \'half\', ?)) LIMIT 1',
            [$piece, array_column($covering, 'value'), $place->part->value, $place->half->value],
            [1 => ArrayParameterType::STRING],
        );
    }

    /**
     * Pieces that are here, of which an act was begun and another has not been done: a tree is in, a piece is in parts.
     *
     * @return list<int>
     */
    public function between(Action $begun, Action $notDone): array
    {
        return $this->pieces(
            'EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = ? AND s.status <> \''.self::OPEN.'\')
             AND NOT EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = ? AND s.status = \''.self::DONE.'\')',
            [$begun->value, $notDone->value],
        );
    }

    /**
     * @param list<string> $values
     *
     * @return list<int>
     */
    private function pieces(string $where, array $values): array
    {
        return array_map(
            static fn (Row $r): int => $r->int('id'),
            Row::all($this->connection, 'SELECT p.id FROM piece p WHERE p.finished_at IS NULL AND '.$where.' ORDER BY p.id', $values),
        );
    }

    /**
     * @param list<int> $in
     *
     * @return array<int, list<StepRecord>>
     */
    private function byPiece(string $column, array $in): array
    {
        $steps = [];
        foreach ($this->all(self::IN_PASSING, $column.' IN (?) ORDER BY s.piece_id, s.position', $in) as $row) {
            $steps[$row->int('piece_id')][] = StepRows::record($row);
        }

        return $steps;
    }

    /**
     * @param list<int> $in
     *
     * @return list<Row>
     */
    private function all(string $columns, string $where, array $in): array
    {
        return [] === $in ? [] : Row::all($this->connection, 'SELECT '.$columns.self::FROM.' WHERE '.$where, [$in], [ArrayParameterType::INTEGER]);
    }
}
