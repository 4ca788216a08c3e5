<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Steps;
use KindHeel\App\People\Person;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Product\Phase;
use Psr\Clock\ClockInterface;

/** Real minutes and amounts against what was foreseen: by month, kind of work, person and piece. */
final readonly class Figures
{
    private const MONTHS = 12;
    private const PIECES = 60;

    public function __construct(private Connection $connection, private CurrentPrices $prices, private YearOfWork $work, private ClockInterface $clock)
    {
    }

    public function all(): FiguresView
    {
        $terms = $this->prices->terms();
        $since = $this->clock->now()->modify('first day of this month')->setTime(0, 0)->modify(\sprintf('-%d months', self::MONTHS - 1));
        $kinds = $people = $months = [];
        foreach (Row::all(
            $this->connection,
            'SELECT DATE_FORMAT(s.ended_at, \'%Y-%m\') AS month, s.phase, s.started_by_id, w.name, COUNT(*) AS steps, SUM(s.minutes) AS foreseen,
                    SUM('.Steps::WORKED_MINUTES.') AS taken
                FROM plan_step s LEFT JOIN person w ON w.id = s.started_by_id
                WHERE s.status = \'done\' AND s.ended_at >= ? AND (w.login IS NULL OR w.login NOT LIKE \''.Person::ELSEWHERE.'%\')
                GROUP BY month, s.phase, s.started_by_id, w.name ORDER BY month',
            [Iso::toRow($since)],
        ) as $row) {
            $kind = KindOfWork::of($row->enum('phase', Phase::class))->label();
            $kinds = self::with($kinds, $kind, $row);
            $people = self::with($people, $row->textOrNull('name') ?? '', $row);
            $months = self::with($months, $row->text('month'), $row);
        }
        $pieces = $this->pieces($since);
        unset($people['']);
        $view = self::compared(...);
        $ofMonth = [];
        foreach ($pieces as $piece) {
            $month = substr($piece->at, 0, 7);
            $ofMonth[$month] ??= [0, 0, 0];
            ++$ofMonth[$month][0];
            $ofMonth[$month][1] += $piece->offeredCents;
            $ofMonth[$month][2] += $piece->workCents + $piece->materialCents;
        }
        $promises = $this->work->promises($since, $this->clock->now());
        $back = $this->work->back($since);
        ksort($months);

        return new FiguresView(
            $terms->currency,
            array_map(static fn (string $month, array $sum): MonthView => new MonthView(
                $month,
                (int) round($sum[1]),
                (int) round($sum[2]),
                $ofMonth[$month][0] ?? 0,
                $ofMonth[$month][1] ?? 0,
                $ofMonth[$month][2] ?? 0,
                $promises[$month][0] ?? 0,
                $promises[$month][1] ?? 0,
                $back[$month] ?? 0,
            ), array_keys($months), $months),
            array_map($view, array_keys($kinds), $kinds),
            array_map($view, array_keys($people), $people),
            \array_slice($pieces, 0, self::PIECES),
            $this->work->coats($since),
            $this->work->waits($since),
        );
    }

    /**
     * What was left an hour of work for pieces taken in as a usual job, once materials are paid.
     *
     * @return array<int, array{int, int|null}> how many, and hundredths an hour, by usual job
     */
    public function earnedAnHour(): array
    {
        $terms = $this->prices->terms();
        $by = [];
        foreach (Row::all($this->connection, 'SELECT usual_job_id, id FROM piece WHERE usual_job_id IS NOT NULL AND finished_at IS NOT NULL') as $row) {
            $by[$row->int('usual_job_id')][] = $row->int('id');
        }
        $earned = [];
        foreach ($by as $job => $ids) {
            $price = isset($terms->fixed[$job])
                ? (float) (string) BigDecimal::of($terms->fixed[$job])->multipliedBy(100) / (1.0 + (float) $terms->tax)
                : null;
            $left = $minutes = 0.0;
            foreach ($this->costs($ids) as [$real, , $materials]) {
                $left += (float) $price - $materials;
                $minutes += $real;
            }
            $earned[$job] = [\count($ids), null === $price || $minutes < 1.0 ? null : (int) round($left / $minutes * 60.0)];
        }

        return $earned;
    }

    /**
     * @param array<string, array{int, float, float}> $sums steps, minutes foreseen, minutes taken
     *
     * @return array<string, array{int, float, float}>
     */
    private static function with(array $sums, string $of, Row $row): array
    {
        [$steps, $foreseen, $taken] = $sums[$of] ?? [0, 0.0, 0.0];
        $sums[$of] = [$steps + $row->int('steps'), $foreseen + $row->float('foreseen'), $taken + $row->float('taken')];

        return $sums;
    }

    /** @param array{int, float, float} $sum */
    private static function compared(string $name, array $sum): ComparedView
    {
        return new ComparedView($name, $sum[0], (int) round($sum[1]), (int) round($sum[2]));
    }

    /** @return list<PieceCostsView> */
    private function pieces(\DateTimeImmutable $since): array
    {
        $rows = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.finished_at, o.net_cents, o.minutes FROM piece p JOIN offer o ON o.id = (
                SELECT MAX(i.id) FROM offer i WHERE i.piece_id = p.id AND i.chosen IS NOT NULL
             ) WHERE p.finished_at >= ? ORDER BY p.finished_at DESC',
            [Iso::toRow($since)],
        ) as $row) {
            $rows[$row->int('id')] = $row;
        }
        $costs = $this->costs(array_keys($rows));

        return array_map(static function (int $id, Row $row) use ($costs): PieceCostsView {
            [$real, $work, $materials] = $costs[$id] ?? [0.0, 0.0, 0.0];
            $net = $row->int('net_cents');

            return new PieceCostsView(
                $id,
                $row->text('name'),
                Iso::always($row->text('finished_at')),
                $row->int('minutes'),
                (int) round($real),
                $net,
                (int) round($work),
                (int) round($materials),
                $net - (int) round($work) - (int) round($materials),
            );
        }, array_keys($rows), $rows);
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, array{float, float, float}> minutes, what the work cost and what the materials cost in hundredths, by piece
     */
    private function costs(array $pieces): array
    {
        if ([] === $pieces) {
            return [];
        }
        $terms = $this->prices->terms();
        $in = implode(', ', array_fill(0, \count($pieces), '?'));
        $costs = [];
        foreach (Row::all(
            $this->connection,
            'SELECT s.piece_id, s.phase, s.started_by_id, SUM('.Steps::WORKED_MINUTES.') AS taken FROM plan_step s
                WHERE s.status = \'done\' AND s.piece_id IN ('.$in.') GROUP BY s.piece_id, s.phase, s.started_by_id',
            $pieces,
        ) as $row) {
            $rate = $terms->byPerson
                ? $terms->rateOfPerson($row->intOrNull('started_by_id') ?? 0)
                : $terms->rateOf(KindOfWork::of($row->enum('phase', Phase::class)), []);
            $costs[$row->int('piece_id')] ??= [0.0, 0.0, 0.0];
            $costs[$row->int('piece_id')][0] += $row->float('taken');
            $costs[$row->int('piece_id')][1] += $row->float('taken') / 60.0 * (float) (string) $rate * 100.0;
        }
        foreach (Row::all(
            $this->connection,
            'SELECT m.piece_id, SUM(-m.amount / p.pack * p.pack_cents) AS cents FROM lot_move m JOIN product p ON p.id = m.product_id
                WHERE p.pack_cents IS NOT NULL AND m.piece_id IN ('.$in.') GROUP BY m.piece_id',
            $pieces,
        ) as $row) {
            $costs[$row->int('piece_id')] ??= [0.0, 0.0, 0.0];
            $costs[$row->int('piece_id')][2] += $row->float('cents');
        }

        return $costs;
    }
}
