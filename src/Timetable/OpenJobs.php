<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceMove;
use KindHeel\App\Job\PlanMarks;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Settings\Gear;
use KindHeel\Core\Drying\DryingPlace;
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
     * The mark of the steps and parts of each, which is another as soon as they are.
     *
     * @return array<int, string> by piece, the first promised first
     */
    public function marks(): array
    {
        $marks = [];
        foreach (Row::all($this->connection, 'SELECT p.id, '.PlanMarks::COLUMN.self::OPEN) as $row) {
            $marks[$row->int('id')] = $row->textOrNull('mark') ?? '';
        }

        return $marks;
    }

    /** How many there are. */
    public function count(): int
    {
        return Row::first($this->connection, 'SELECT COUNT(*) AS n FROM piece WHERE finished_at IS NULL AND planned_from IS NOT NULL')?->int('n') ?? 0;
    }

    /**
     * @param list<int>|null $only pieces; null for all
     *
     * @return list<Job> the first promised first
     */
    public function all(Factors $factors, ?array $only = null): array
    {
        $due = $size = $onRack = [];
        foreach (Row::all($this->connection, 'SELECT p.id, p.size_eu, t.promised_at, '.PieceMove::PLACE.' AS place'.self::OPEN) as $row) {
            if (null === $only || \in_array($row->int('id'), $only, true)) {
                $due[$row->int('id')] = $row->time('promised_at');
                $size[$row->int('id')] = $row->floatOrNull('size_eu');
                $onRack[$row->int('id')] = DryingPlace::Rack === $row->enum('place', DryingPlace::class);
            }
        }
        $steps = $this->steps->ofPieces(array_keys($due));
        $jobs = [];
        foreach (array_intersect_key($due, $steps) as $piece => $at) {
            $jobs[] = JobBuilder::stored($piece, $at, $steps[$piece], $factors, $size[$piece], $onRack[$piece]);
        }

        return $jobs;
    }

    /**
     * Gear that more pieces hold or will want than there is.
     *
     * @param array<string, int> $gear how many there are, by {@see Gear}
     *
     * @return list<string>
     */
    public function shortOf(array $gear): array
    {
        $wanted = [Gear::Rack->value => $this->onRack()];
        foreach (Gear::LENT as [$takes, $gives]) {
            $rows = Row::all(
                $this->connection,
                'SELECT p.size_eu, COUNT(*) AS n FROM piece p WHERE p.finished_at IS NULL AND p.planned_from IS NOT NULL
                 AND EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = ?)
                 AND NOT EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = ? AND s.status = ?) GROUP BY p.size_eu',
                [$takes->value, $gives->value, StepStatus::Done->value],
            );
            foreach ($rows as $row) {
                $of = Gear::of($takes, $row->floatOrNull('size_eu'));
                if (null !== $of) {
                    $wanted[$of->value] = ($wanted[$of->value] ?? 0) + $row->int('n');
                }
            }
        }

        return array_keys(array_filter($wanted, static fn (int $n, string $name): bool => $n > $gear[$name], \ARRAY_FILTER_USE_BOTH));
    }

    /** How many stand on the rack, or will once they are begun with. */
    private function onRack(): int
    {
        return Row::first(
            $this->connection,
            'SELECT COUNT(*) AS n FROM piece p WHERE p.finished_at IS NULL AND p.planned_from IS NOT NULL AND '.PieceMove::PLACE.' = ?',
            [DryingPlace::Rack->value],
        )?->int('n') ?? 0;
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
