<?php

declare(strict_types=1);

/*
 * Reports how long recipes, corrections and single predictions take in process: php tools/bench-colour.php [targets]
 * Targets are mixes of 2–4 paints of the made-up range, 10–60 drops, and colours out of its reach. Times are reported, never asserted.
 */

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;
use KindHeel\Core\Colour\Recipe\Layer;
use KindHeel\Core\Colour\Recipe\PotSize;
use KindHeel\Core\Colour\Recipe\RecipeSearch;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Tests\Support\HouseRange;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/development.php';

$targets = (int) ($argv[1] ?? 100);
$random = new Randomizer(new Mt19937(1));
$range = HouseRange::paints();
$ever = static fn (): bool => true;
/**
 * @param list<float> $times
 * @param list<float> $misses
 */
function report(string $what, array $times, array $misses): void
{
    sort($times);
    sort($misses);
    $last = count($times) - 1;
    printf(
        "%-34s median %6.1f ms, 95 %% %6.1f, worst %6.1f; ΔE00 median %.3f, 95 %% %.3f, worst %.3f\n",
        $what,
        $times[intdiv($last, 2)],
        $times[(int) floor(0.95 * $last)],
        $times[$last],
        $misses[intdiv($last, 2)],
        $misses[(int) floor(0.95 * $last)],
        $misses[$last],
    );
}
foreach ([12, 18] as $count) {
    foreach (['spectrum', 'Lab', 'film', 'out of reach'] as $kind) {
        $times = $misses = [];
        for ($i = 0; $i < $targets; ++$i) {
            $ids = $random->pickArrayKeys($range, $count);
            $shelf = array_map(static fn (string|int $id): Paint => $range[$id], $ids);
            $drops = [];
            foreach ($random->pickArrayKeys(array_flip($ids), $random->getInt(2, 4)) as $id) {
                $drops[(string) $id] = $random->getInt(2, 15);
            }
            $layer = 'film' === $kind ? Layer::over(HouseRange::ground('brown'), 0.8) : Layer::opaque();
            $look = Mixture::of($range, $drops)->look($layer->ground, $layer->thickness);
            $target = match ($kind) {
                'Lab' => Target::lab(Light::daylight()->lab($look)),
                'out of reach' => Target::lab(Lab::of(20.0 + $random->getInt(0, 60), $random->getInt(-80, 80), $random->getInt(-80, 80))),
                default => Target::spectrum($look, ['D65' => 1.0, 'A' => 0.5]),
            };
            $at = hrtime(true);
            $recipes = (new RecipeSearch($shelf, $target, $layer, $ever))->recipes(PotSize::of(10, 60), 4);
            $times[] = (hrtime(true) - $at) / 1e6;
            $misses[] = $recipes[0]->weighted;
        }
        report($count.' paints, '.$kind, $times, $misses);
    }
}
$times = $misses = [];
for ($i = 0; $i < $targets; ++$i) {
    $pot = $all = [];
    foreach ($random->pickArrayKeys($range, 3) as $id) {
        $pot[(string) $id] = $all[(string) $id] = $random->getInt(2, 15);
    }
    foreach ($random->pickArrayKeys($range, 2) as $id) {
        $all[(string) $id] = ($all[(string) $id] ?? 0) + $random->getInt(1, 8);
    }
    $target = Target::spectrum(Mixture::of($range, $all)->look());
    $at = hrtime(true);
    $found = (new CorrectionSearch(array_values($range), $pot, 80, $target, Layer::opaque(), null, $ever))->correct(4, 1.0);
    $times[] = (hrtime(true) - $at) / 1e6;
    $misses[] = $found->after->weighted;
}
report('correction, 18 paints', $times, $misses);
$pot = Mixture::of($range, ['chalk-white' => 20, 'brick' => 4, 'straw' => 3]);
$at = hrtime(true);
for ($i = 0; $i < 1000; ++$i) {
    Light::daylight()->lab($pot->look(HouseRange::ground('tan'), 0.8));
}
printf("one prediction %.3f ms; peak memory %.1f MB\n", (hrtime(true) - $at) / 1e9, memory_get_peak_usage() / 1e6);
