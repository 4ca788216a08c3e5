<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Care\JobProfile;
use KindHeel\Core\Finding\FindingKind;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How something like it was done last time: the nearest jobs by kind, material and findings; five statements whatever lies behind. */
final readonly class LastTime
{
    private const SHOWN = 3;
    /** Of all that is finished, the last so many of the same family are looked at. */
    private const LOOKED_AT = 400;
    /** What shares less is another job. */
    private const LEAST = 0.35;

    public function __construct(private Connection $connection, private Outside $outside, private PassportReader $passports)
    {
    }

    public function like(int $piece): LikeJobsView
    {
        $asked = Row::first($this->connection, 'SELECT id, kind FROM piece WHERE id = ?', [$piece]) ?? throw new NotFoundHttpException();
        $family = explode('/', $asked->text('kind'))[0];
        $rows = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.kind, p.aim, p.finished_at FROM piece p WHERE p.finished_at IS NOT NULL AND p.called_off IS NULL AND p.kind LIKE ?
             ORDER BY p.id DESC LIMIT '.self::LOOKED_AT,
            [$family.'/%'],
        ) as $row) {
            $rows[$row->int('id')] = $row;
        }
        unset($rows[$piece]);
        $kinds = array_map(static fn (Row $r): Kind => $r->enum('kind', Kind::class), $rows);
        $profiles = $this->profiles([$piece => $asked->enum('kind', Kind::class)] + $kinds);
        $own = $profiles[$piece];
        unset($profiles[$piece]);
        $nearest = array_values(array_filter($own->nearest(array_values($profiles), self::SHOWN), static fn (array $n): bool => $n[1] >= self::LEAST));
        $ids = array_map(static fn (array $n): int => $n[0]->id, $nearest);
        $done = $this->passports->done($ids);
        $minutes = $this->minutes($ids);

        return new LikeJobsView(array_map(static fn (array $n): LikeJobView => new LikeJobView(
            $n[0]->id,
            $rows[$n[0]->id]->text('name'),
            $n[0]->kind,
            $rows[$n[0]->id]->enum('aim', Aim::class),
            round($n[1], 2),
            array_map(static fn (FindingKind $f): string => $f->label(), $n[0]->findings),
            $done[$n[0]->id] ?? [],
            $minutes[$n[0]->id] ?? 0,
            Iso::always($rows[$n[0]->id]->text('finished_at')),
        ), $nearest));
    }

    /**
     * @param array<int, Kind> $kinds by piece
     *
     * @return array<int, JobProfile> by piece
     */
    private function profiles(array $kinds): array
    {
        $outside = $this->outside->ofPieces(array_keys($kinds));
        $found = [];
        foreach (Row::all(
            $this->connection,
            'SELECT DISTINCT piece_id, kind FROM finding WHERE piece_id IN (?)',
            [array_keys($kinds)],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $found[$row->int('piece_id')][] = $row->enum('kind', FindingKind::class);
        }
        $profiles = [];
        foreach ($kinds as $id => $kind) {
            $profiles[$id] = new JobProfile($id, $kind, $outside[$id] ?? [], $found[$id] ?? []);
        }

        return $profiles;
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, int> minutes by hand, by piece
     */
    private function minutes(array $pieces): array
    {
        $minutes = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            'SELECT piece_id, ROUND(COALESCE(SUM(real_minutes), 0)) AS took FROM ledger_entry WHERE piece_id IN (?) GROUP BY piece_id',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $minutes[$row->int('piece_id')] = (int) $row->float('took');
        }

        return $minutes;
    }
}
