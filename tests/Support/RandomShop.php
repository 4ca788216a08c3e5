<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up weeks in a workshop, as the script interface takes them: the same for the same seed. */
final class RandomShop
{
    private const NOW = '2026-03-02T08:00:00+00:00';
    private const CHAINS = [
        [
            ['clean', 'bench', 15, true],
            ['colour', 'booth', 15, true, 30, 240],
            ['colour', 'booth', 10, true, 20, 180],
            ['colour', 'lamp', 120, false, 10, 120],
            ['finish', 'bench', 20, true, 60, null],
        ],
        [['clean', 'bench', 10, true], ['clean', 'bench', 20, true, 45, 300], ['finish', 'bench', 15, true, 60, null]],
        [['stitch', 'bench', 40, true], ['sole', 'press', 25, true, 0, null], ['sole', 'press', 180, false, 0, 30], ['finish', 'bench', 20, true, 30, null]],
        [['clean', 'bench', 15, true], ['colour', 'bench', 25, true, 60, null], ['colour', 'box', 240, false, 0, 60], ['finish', 'bench', 15, true, 0, 600]],
    ];

    /** @return array<string, mixed> */
    public static function week(int $seed, int $steps, int $people, float $pressure = 1.0): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $at = static fn (int $minutes): string => (new \DateTimeImmutable(self::NOW))->modify(\sprintf('%+d minutes', $minutes))->format(\DATE_RFC3339);
        $jobs = [];
        $count = 0;
        $days = 4 + intdiv($steps, 20 * max(1, $people));
        while ($count < $steps) {
            $j = \count($jobs);
            $chain = self::CHAINS[$random->getInt(0, \count(self::CHAINS) - 1)];
            $rows = [];
            $setup = ['brown', 'black', 'red', 'neutral'][$random->getInt(0, 3)];
            foreach ($chain as $n => $step) {
                if ($count >= $steps) {
                    break;
                }
                [$skill, $station, $minutes, $attended] = $step;
                $row = [
                    'id' => "j$j/$n",
                    'minutes' => $minutes + 5 * $random->getInt(0, 3),
                    'attended' => $attended,
                    'station' => $station,
                    'after' => 0 === $n ? [] : [['step' => "j$j/".($n - 1), 'min_minutes' => $step[4] ?? 0, 'max_minutes' => $step[5] ?? null]],
                ];
                if ($attended) {
                    $row += ['skill' => $skill, 'setup' => 'colour' === $skill ? $setup : null];
                }
                $rows[] = $row;
                ++$count;
            }
            $jobs[] = [
                'id' => "j$j",
                'due' => $at((int) ($random->getInt(120, max(240, $days * 900)) / $pressure)),
                'weight' => $random->getInt(1, 5),
                'steps' => $rows,
            ];
        }
        $hands = [];
        for ($p = 0; $p < $people; ++$p) {
            $shifts = [];
            for ($day = 0; $day < 4 * $days; ++$day) {
                $from = 1440 * $day + 60 * ($p % 2);
                $shifts[] = [$at($from), $at($from + 240)];
                $shifts[] = [$at($from + 285), $at($from + 480)];
            }
            $hands[] = [
                'id' => "p$p",
                'skills' => 0 === $p
                        ? ['clean', 'colour', 'stitch', 'sole', 'finish']
                        : (1 === $p
                            ? ['clean', 'colour', 'finish']
                            : ['clean', 'stitch', 'sole', 'finish']),
                'shifts' => $shifts,
            ];
        }

        return [
            'now' => self::NOW,
            'time_limit_ms' => 1000,
            'seed' => 1,
            'people' => $hands,
            'stations' => [
                ['id' => 'bench', 'capacity' => 3],
                ['id' => 'booth', 'capacity' => 1],
                ['id' => 'lamp', 'capacity' => 2],
                ['id' => 'press', 'capacity' => 2],
                ['id' => 'box', 'capacity' => 4],
            ],
            'jobs' => $jobs,
        ];
    }
}
