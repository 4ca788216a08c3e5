<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Steps;
use KindHeel\App\Learning\Factors;
use KindHeel\Core\Schedule\Job;

/** Every planned piece that has not been handed over, as the scheduling core sees it. */
final readonly class OpenJobs
{
    /** How many times as much a late minute of a rush weighs. */
    private const RUSH = 5.0;
    private const OPEN = ' FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.finished_at IS NULL AND p.planned_from IS NOT NULL
        ORDER BY t.promised_at, p.id';

    public function __construct(private Connection $connection, private Steps $steps)
    {
    }

    /**
     * The mark of the steps of each, which is another as soon as anything of them is that times hang on.
     *
     * @return array<int, string> by piece, the first promised first
     */
    public function marks(): array
    {
        $pieces = array_map(static fn (Row $r): int => $r->int('id'), Row::all($this->connection, 'SELECT p.id'.self::OPEN));
        $marks = $this->steps->marks($pieces);

        return array_replace(array_intersect_key(array_fill_keys($pieces, ''), $marks), $marks);
    }

    /**
     * @param list<int>|null $only pieces; null for all
     *
     * @return list<Job> the first promised first
     */
    public function all(Factors $factors, ?array $only = null): array
    {
        $due = [];
        foreach (Row::all($this->connection, 'SELECT p.id, t.promised_at'.self::OPEN) as $row) {
            if (null === $only || \in_array($row->int('id'), $only, true)) {
                $due[$row->int('id')] = $row->time('promised_at');
            }
        }
        $steps = $this->steps->ofPieces(array_keys($due));
        $jobs = [];
        foreach (array_intersect_key($due, $steps) as $piece => $at) {
            $jobs[] = JobBuilder::stored($piece, $at, $steps[$piece], $factors);
        }

        return $jobs;
    }

    /** @return array<int, float> what a late minute weighs, by piece, where it is not 1 */
    public function weights(): array
    {
        $weights = [];
        foreach (
            Row::all($this->connection, 'SELECT p.id FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE t.rush = 1 AND p.finished_at IS NULL') as $row
        ) {
            $weights[$row->int('id')] = self::RUSH;
        }

        return $weights;
    }
}
