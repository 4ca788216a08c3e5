<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Made-up small weeks with what makes them hard: two halves, windows between coats, long drying, links between pieces, one person who can what others cannot,
 * due dates that have passed. The same for the same seed; as the script interface takes them.
 */
final class SmallShop
{
    private const SHIFTS = [
        [['09:00', '12:00']],
        [['09:00', '11:30'], ['13:30', '15:00']],
        [['18:00', '21:00']],
        [['08:00', '12:00'], ['12:45', '16:00']],
        [['09:30', '11:30'], ['13:00', '14:30']],
    ];
    private const SKILLS = [['clean', 'colour', 'stitch', 'sole', 'finish'], ['clean', 'finish', 'colour'], ['clean', 'sole', 'stitch', 'finish']];
    private const COLOURS = ['brown', 'black', 'tan', 'oxblood', 'neutral'];

    private readonly Randomizer $random;
    /**
     * Of the job in the making.
     *
     * @var list<array{id: string, minutes: int, attended: bool, station: string, after: list<array{step: string, min_minutes: int, max_minutes: int|null}>,
     *     skill?: string, setup?: string}>
     */
    private array $steps = [];

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<array{seed: int, steps: int, weighted_tardiness: int}> weeks with the least weighted tardiness, proved by a constraint solver */
    public static function proved(): array
    {
        /** @var list<array{seed: int, steps: int, weighted_tardiness: int}> $weeks */
        $weeks = json_decode((string) file_get_contents(\dirname(__DIR__).'/data/schedule/seeded.json'), true, flags: \JSON_THROW_ON_ERROR);

        return $weeks;
    }

    /** @return array<string, mixed> */
    public static function week(int $seed, int $steps): array
    {
        return (new self($seed))->make($steps);
    }

    /** @return array<string, mixed> */
    private function make(int $wanted): array
    {
        $now = new \DateTimeImmutable('2026-03-02T09:00:00+00:00');
        $people = [];
        $hours = 0.0;
        for ($p = 0, $n = $this->of([1, 1, 2, 2, 3]); $p < $n; ++$p) {
            $day = $this->of(self::SHIFTS);
            $shifts = [];
            for ($d = 0; $d < 9 + intdiv($wanted, 4); ++$d) {
                foreach ($day as [$from, $until]) {
                    $at = static fn (string $clock): string => (new \DateTimeImmutable('2026-03-02T'.$clock.':00+00:00'))
                        ->modify("+$d days")->format(\DATE_RFC3339);
                    $shifts[] = [$at($from), $at($until)];
                    $hours += 0 === $d ? ((int) $until - (int) $from) : 0;
                }
            }
            $people[] = ['id' => ['ada', 'ben', 'cem'][$p], 'skills' => self::SKILLS[$p], 'shifts' => $shifts];
        }
        $jobs = [];
        $known = [];
        $count = 0;
        while ($count < $wanted) {
            $kind = $this->of(['boots', 'bag', 'jacket', 'brogues', 'strap']);
            $id = $kind.'-'.\count($jobs);
            $this->steps = [];
            $this->{$kind}($id);
            if ([] !== $known && 0 === $this->random->getInt(0, 4)) {
                $other = $this->of($this->of($known));
                $this->steps[\count($this->steps) - 1]['after'][] = [
                    'step' => $other, 'min_minutes' => $this->minutes(20, 60), 'max_minutes' => null,
                ];
            }
            $ids = array_column($this->steps, 'id');
            $jobs[] = ['id' => $id, 'due' => '', 'weight' => $this->random->getInt(1, 5), 'steps' => $this->steps];
            $count += \count($this->steps);
            if ([] !== $ids) {
                $known[] = $ids;
            }
        }
        $span = 60.0 * 24.0 * max(1.0, $count * 20.0 / 60.0 / $hours);
        foreach ($jobs as $j => $job) {
            $due = 5 * (int) round($span * $this->random->getInt(-10, 100) / 100.0 / 5.0);
            $jobs[$j]['due'] = $now->modify(\sprintf('%+d minutes', $due))->format(\DATE_RFC3339);
        }
        $places = ['bench' => $this->of([1, 1, 2]), 'booth' => 1, 'lamp' => 1, 'drying-box' => 2, 'press' => 1, 'machine' => 1];

        return [
            'now' => $now->format(\DATE_RFC3339),
            'time_limit_ms' => 1000,
            'seed' => 1,
            'people' => $people,
            'stations' => array_map(static fn (string $id, int $n): array => ['id' => $id, 'capacity' => $n], array_keys($places), $places),
            'jobs' => $jobs,
        ];
    }

    private function boots(string $id): void
    {
        $colour = $this->of(self::COLOURS);
        $ends = [];
        foreach (['L', 'R'] as $half) {
            $clean = $this->step("$id/$half/clean", 15, 'clean', 'bench');
            $coat = $this->step("$id/$half/coat1", $this->minutes(5, 20), 'colour', 'booth', [[$clean, $this->minutes(15, 60), null]], $colour);
            if (0 === $this->random->getInt(0, 1)) {
                $minutes = $this->minutes(5, 15);
                $waits = [[$coat, $this->minutes(20, 45), $this->minutes(120, 260)]];
                $coat = $this->step("$id/$half/coat2", $minutes, 'colour', 'booth', $waits, $colour);
            }
            $ends[] = [
                $this->step("$id/$half/cure", $this->minutes(40, 175), null, $this->of(['lamp', 'drying-box']), [[$coat, 5, $this->of([null, 115, 60])]]),
                $this->minutes(5, 60),
                null,
            ];
        }
        $this->step("$id/polish", $this->minutes(10, 30), 'finish', 'bench', $ends);
    }

    private function bag(string $id): void
    {
        $colour = $this->of(self::COLOURS);
        $before = $this->step("$id/clean", $this->minutes(15, 30), 'clean', 'bench');
        $before = $this->step("$id/coat1", $this->minutes(10, 25), 'colour', 'booth', [[$before, $this->minutes(10, 40), null]], $colour);
        $before = $this->step("$id/coat2", $this->minutes(5, 15), 'colour', 'booth', [[$before, $this->minutes(30, 50), $this->minutes(140, 270)]], $colour);
        $before = $this->step("$id/cure", $this->minutes(55, 95), null, 'lamp', [[$before, 10, 120]]);
        $this->step("$id/polish", $this->minutes(15, 30), 'finish', 'bench', [[$before, $this->minutes(5, 90), null]]);
    }

    private function jacket(string $id): void
    {
        $colour = $this->of(self::COLOURS);
        $before = $this->step("$id/clean", $this->minutes(20, 35), 'clean', 'bench');
        if (0 === $this->random->getInt(0, 1)) {
            $before = $this->step("$id/dry", $this->minutes(160, 240), null, 'drying-box', [[$before, 0, 60]]);
            $before = $this->step("$id/mend", $this->minutes(20, 40), 'stitch', 'machine', [[$before, $this->minutes(0, 20), null]]);
        } else {
            $before = $this->step("$id/feed", 15, 'clean', 'bench', [[$before, 35, null]]);
            $before = $this->step("$id/mend", $this->minutes(20, 40), 'stitch', 'machine', [[$before, $this->of([240, 480, 820]), null]]);
        }
        $before = $this->step("$id/retouch1", $this->minutes(10, 15), 'colour', 'booth', [[$before, 0, null]], $colour);
        $before = $this->step("$id/retouch2", $this->minutes(10, 15), 'colour', 'booth', [[$before, 20, $this->minutes(120, 220)]], $colour);
        $this->step("$id/last-look", $this->minutes(10, 20), 'finish', 'bench', [[$before, 70, null]]);
    }

    private function brogues(string $id): void
    {
        $ends = [];
        foreach (['L', 'R'] as $half) {
            $before = $this->step("$id/$half/sole-off", $this->minutes(15, 30), 'sole', 'bench');
            $before = $this->step("$id/$half/cement", 10, 'sole', 'bench', [[$before, $this->minutes(5, 20), null]]);
            $before = $this->step("$id/$half/press", $this->minutes(35, 90), null, 'press', [[$before, $this->minutes(15, 25), $this->minutes(45, 75)]]);
            $ends[] = [$before, $this->minutes(10, 30), null];
        }
        $before = $this->step("$id/edges", $this->minutes(15, 25), 'finish', 'bench', $ends);
        $this->step("$id/polish", $this->minutes(10, 20), 'finish', 'bench', [[$before, $this->minutes(40, 120), null]]);
    }

    private function strap(string $id): void
    {
        $colour = $this->of(self::COLOURS);
        $before = $this->step("$id/cut", $this->minutes(10, 20), 'stitch', 'bench');
        $before = $this->step("$id/edge1", $this->minutes(10, 15), 'colour', 'bench', [[$before, 5, null]], $colour);
        $before = $this->step("$id/edge2", 10, 'colour', 'bench', [[$before, $this->minutes(30, 40), $this->minutes(100, 130)]], $colour);
        $before = $this->step("$id/cure", $this->minutes(45, 65), null, 'lamp', [[$before, 10, $this->minutes(60, 120)]]);
        $this->step("$id/burnish", $this->minutes(15, 20), 'finish', 'bench', [[$before, 5, null]]);
    }

    /**
     * @param list<array{string, int, int|null}> $after step, least and longest wait
     */
    private function step(string $id, int $minutes, ?string $skill, string $station, array $after = [], ?string $setup = null): string
    {
        $this->steps[] = [
            'id' => $id,
            'minutes' => $minutes,
            'attended' => null !== $skill,
            'station' => $station,
            'after' => array_map(static fn (array $a): array => ['step' => $a[0], 'min_minutes' => $a[1], 'max_minutes' => $a[2]], $after),
        ] + (null === $skill ? [] : ['skill' => $skill]) + (null === $setup ? [] : ['setup' => $setup]);

        return $id;
    }

    /** Minutes as a workshop speaks of them: by five. */
    private function minutes(int $least, int $most): int
    {
        return 5 * $this->random->getInt(intdiv($least, 5), intdiv($most, 5));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $list
     *
     * @return T
     */
    private function of(array $list): mixed
    {
        return $list[$this->random->getInt(0, \count($list) - 1)];
    }
}
