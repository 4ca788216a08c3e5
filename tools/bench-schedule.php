<?php

declare(strict_types=1);

// How fast the scheduling search is, and how much it gains: php tools/bench-schedule.php [steps …]; without any, the small weeks with known optima too.
// Reports, never fails.

use KindHeel\App\Clock\Deadline;
use KindHeel\App\Compute\ScheduleReader;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Tests\Support\RandomShop;
use KindHeel\Tests\Support\ScheduleCheck;
use KindHeel\Tests\Support\SmallShop;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

require __DIR__.'/development.php';

$sizes = array_map(intval(...), array_slice($argv, 1)) ?: [40, 100, 300];
foreach ($sizes as $steps) {
    foreach ([1.0, 2.0, 4.0, 8.0] as $pressure) {
        $people = max(1, intdiv($steps, 100));
        $problem = (new ScheduleReader())->problem(json_decode((string) json_encode(RandomShop::week(7, $steps, $people, $pressure))));
        $placer = new ScheduleGenerator($problem);
        $draft = new Candidate(array_keys($placer->blocks->steps));
        $placer->place($draft);
        $began = hrtime(true);
        for ($n = 0; $n < 5; ++$n) {
            $placer->place($draft);
        }
        $one = (hrtime(true) - $began) / 5e6;
        $plain = min([
            INF,
            ...array_map(
                static fn (array $order): float => $placer->place(new Candidate($order))->worth[2],
                array_slice((new PriorityRules($problem, $placer->blocks))->all(), 0, 3),
            ),
        ]);
        $random = new Randomizer(new Mt19937(1));
        $solver = new Solver($problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), Deadline::in($steps > 100 ? 2000 : 850));
        $table = $solver->solve();
        $faults = ScheduleCheck::faults($problem, $table);
        printf(
            "%4d steps, pressure %.0f: one placing %6.2f ms, %6d evaluations; plain %9.0f, found %9.0f (%4.1f %% less), %d broken, %d unplaced%s\n",
            $steps,
            $pressure,
            $one,
            $solver->evaluations(),
            $plain,
            $table->worth[2],
            $plain > 0 ? 100 * (1 - $table->worth[2] / $plain) : 0,
            $table->worth[1],
            $table->worth[0],
            [] === $faults ? '' : ' FAULTS: '.implode('; ', array_slice($faults, 0, 3)),
        );
    }
}

// Small weeks whose optima a constraint solver proved, as a script asks for them: 0.95 s of search, as many at once as there are processors.
if ([] === array_slice($argv, 1)) {
    $reached = $found = $proved = $count = 0;
    foreach (SmallShop::proved() as ['seed' => $seed, 'steps' => $steps, 'weighted_tardiness' => $best]) {
        $input = (string) json_encode(SmallShop::week($seed, $steps));
        $output = (new Process([PHP_BINARY, 'bin/console', 'compute', 'schedule.solve'], dirname(__DIR__), null, $input))->mustRun()->getOutput();
        /** @var array{objective: array{weighted_tardiness: float}} $answer */
        $answer = json_decode($output, true);
        $late = $answer['objective']['weighted_tardiness'];
        ++$count;
        $reached += $late <= $best ? 1 : 0;
        $found += $late;
        $proved += $best;
    }
    printf(
        "%d small weeks: %d at the proved optimum (%.0f %%), all together %.1f %% above\n",
        $count,
        $reached,
        100 * $reached / max(1, $count),
        100 * ($found / max(1, $proved) - 1),
    );
}
