<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\App\Clock\Deadline;
use KindHeel\Core\Schedule\Solve\LowerBound;
use KindHeel\Core\Schedule\Solve\SetUps;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** `schedule.solve`: several pieces at once, few hands, many waits. */
final readonly class ScheduleSolve implements Computation
{
    /** What is left of the limit for reading and writing. */
    private const SEARCH_SHARE = 0.95;

    public static function name(): string
    {
        return 'schedule.solve';
    }

    public function compute(mixed $input): array
    {
        $read = new ScheduleReader();
        $problem = $read->problem($input);
        $goOn = Deadline::ofCall(self::SEARCH_SHARE * $read->limit());
        // As many searches as there are processors, from seeds of their own; of equals the first is taken.
        $tables = SideBySide::run(static function (int $number) use ($problem, $read, $goOn): Timetable {
            $random = new Randomizer(new Mt19937($read->seed() + 7919 * $number));

            return (new Solver($problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), $goOn, $number))->solve();
        });
        $table = $tables[0];
        foreach ($tables as $other) {
            $table = $other->isBetterThan($table) ? $other : $table;
        }
        $steps = $jobs = [];
        foreach ($problem->steps as $i => $work) {
            if (isset($table->starts[$i])) {
                $hand = $table->workers[$i];
                $steps[] = [
                    'step' => $work->id,
                    'start' => $read->at($table->starts[$i]),
                    'end' => $read->at($table->starts[$i] + $work->minutes),
                    'person' => $hand < 0 ? null : $problem->workers[$hand]->id,
                ];
            }
        }
        foreach ($problem->jobs as $j => $job) {
            $jobs[] = ['job' => $job->id, 'end' => $read->at($table->ends[$j]), 'tardiness_minutes' => max(0, $table->ends[$j] - $job->due)];
        }
        $answer = [
            'steps' => $steps,
            'jobs' => $jobs,
            'objective' => [
                'weighted_tardiness' => self::number($table->worth[2]),
                'total_completion_minutes' => $table->worth[3],
                'changes' => $table->worth[4],
            ] + ($problem->hasSetUp() ? array_combine(['switches', 'handovers'], SetUps::counted($problem, $table)) : []),
            'lower_bound' => ['weighted_tardiness' => self::number([] === $table->unplaced ? min($table->worth[2], LowerBound::of($problem)) : 0.0)],
            'broken_windows' => array_map(
                static fn (array $b): array => [
                    'step' => $problem->steps[$b[0]]->id,
                    'after' => $problem->steps[$b[1]]->id,
                    'max_minutes' => $b[2],
                    'actual_minutes' => $b[3],
                ],
                $table->broken,
            ),
        ];
        if ([] !== $table->unplaced) {
            $answer['unplaced'] = array_map(
                static fn (int $i, string $why): array => ['step' => $problem->steps[$i]->id, 'reason' => $why],
                array_keys($table->unplaced),
                $table->unplaced,
            );
        }

        return $answer;
    }

    private static function number(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : $value;
    }
}
