<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Blocks;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Worker;

/**
 * Reads the input of `schedule.solve` into whole minutes from now.
 *
 * @phpstan-type StepCase array{path: string, job: int, minutes: int, attended: bool, skill: string|null, station: int|null,
 *     setup: string|null, after: list<array{string, int, int|null, string}>, start: int|null, hand: int|null}
 */
final class ScheduleReader
{
    private const MOST_MINUTES = 10_000_000;

    private Reader $read;
    private \DateTimeImmutable $now;
    private float $limit = 1000.0;
    private int $seed = 1;

    public function __construct()
    {
        $this->read = new Reader();
        $this->now = new \DateTimeImmutable('@0');
    }

    public function seed(): int
    {
        return $this->seed;
    }

    /** Milliseconds. */
    public function limit(): float
    {
        return $this->limit;
    }

    /** So many minutes from now, in the offset that now was given in. */
    public function at(int $minutes): string
    {
        return $this->now->modify(\sprintf('%+d minutes', $minutes))->format(\DATE_RFC3339);
    }

    /** @throws InputErrors */
    public function problem(mixed $input): Problem
    {
        $optional = ['time_limit_ms', 'seed', 'stations', 'fixed', 'switch_minutes', 'handover_minutes'];
        $fields = $this->read->object($input, '', ['now', 'people', 'jobs'], $optional);
        if (null === $fields) {
            $this->read->finish();
        }
        $fields ??= [];
        $now = isset($fields['now']) ? $this->read->time($fields['now'], '/now') : null;
        if (null === $now) {
            if (\array_key_exists('now', $fields) && null === $fields['now']) {
                $this->read->fault('/now', 'must be a time such as 2026-03-02T10:00:00+00:00');
            }
            $this->read->finish();
            throw new \LogicException('Without now nothing can be read.');
        }
        $this->now = $now;
        $this->limit = \array_key_exists('time_limit_ms', $fields)
            ? $this->read->number($fields['time_limit_ms'], '/time_limit_ms', 1.0, 600_000.0) ?? 1000.0
            : 1000.0;
        $this->seed = \array_key_exists('seed', $fields) ? $this->read->whole($fields['seed'], '/seed', \PHP_INT_MIN, \PHP_INT_MAX) ?? 1 : 1;
        $hands = $this->hands($fields['people'] ?? null, \array_key_exists('people', $fields));
        [$stations, $places] = $this->stations($fields['stations'] ?? [], \array_key_exists('stations', $fields));
        [$jobs, $steps] = $this->jobs($fields['jobs'] ?? null, \array_key_exists('jobs', $fields), $stations);
        $this->fix($fields['fixed'] ?? [], $steps, $hands);
        $setUp = [$this->setUp($fields, 'switch_minutes', $hands), $this->setUp($fields, 'handover_minutes', $hands)];
        $this->read->finish();
        $problem = $this->linked($jobs, $steps, $hands, $places, $setUp);
        $this->read->finish();
        try {
            Blocks::topological($problem);
        } catch (\DomainException $circle) {
            $this->read->fault('/jobs', 'has steps that wait for each other in a circle');
            $this->read->finish();
        }

        return $problem;
    }

    /**
     * @param array<string, mixed> $fields
     * @param list<Worker>         $hands
     */
    private function setUp(array $fields, string $key, array $hands): int
    {
        $minutes = \array_key_exists($key, $fields) ? $this->read->whole($fields[$key], '/'.$key, 0, self::MOST_MINUTES) ?? 0 : 0;
        $shifts = array_merge(...array_map(static fn (Worker $h): array => $h->shifts, $hands));
        if ([] !== $shifts && $minutes > max(array_map(static fn (array $s): int => $s[1] - $s[0], $shifts))) {
            $this->read->fault('/'.$key, 'is longer than every shift');
        }

        return $minutes;
    }

    /** @return list<Worker> */
    private function hands(mixed $value, bool $given): array
    {
        $hands = $seen = [];
        foreach ($given ? $this->read->list($value, '/people') ?? [] : [] as $i => $entry) {
            $path = '/people/'.$i;
            $fields = $this->read->object($entry, $path, ['id', 'skills', 'shifts']);
            if (null === $fields) {
                continue;
            }
            $id = $this->id($fields, $path, $seen);
            $skills = [];
            foreach (\array_key_exists('skills', $fields) ? $this->read->list($fields['skills'], $path.'/skills') ?? [] : [] as $n => $skill) {
                if (\is_string($skill)) {
                    $skills[] = $skill;
                } else {
                    $this->read->fault($path.'/skills/'.$n, 'must be a text');
                }
            }
            $shifts = [];
            foreach (\array_key_exists('shifts', $fields) ? $this->read->list($fields['shifts'], $path.'/shifts') ?? [] : [] as $n => $pair) {
                $ends = $this->read->list($pair, $path.'/shifts/'.$n);
                if (null === $ends || 2 !== \count($ends)) {
                    if (null !== $ends) {
                        $this->read->fault($path.'/shifts/'.$n, 'must be a beginning and an end');
                    }

                    continue;
                }
                $from = $this->minutes($ends[0], $path.'/shifts/'.$n.'/0');
                $until = $this->minutes($ends[1], $path.'/shifts/'.$n.'/1');
                if (null !== $from && null !== $until && $until <= $from) {
                    $this->read->fault($path.'/shifts/'.$n, 'must end after it starts');
                } elseif (null !== $from && null !== $until) {
                    $shifts[] = [$from, $until, $n];
                }
            }
            usort($shifts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            foreach ($shifts as $n => $shift) {
                if ($n > 0 && $shift[0] < $shifts[$n - 1][1]) {
                    $this->read->fault($path.'/shifts/'.$shift[2], 'overlaps another shift');
                }
            }
            $hands[] = new Worker($id ?? '', $skills, array_map(static fn (array $s): array => [$s[0], $s[1]], $shifts));
        }

        return $hands;
    }

    /** @return array{array<string, int>, list<int>} index by id, and capacities */
    private function stations(mixed $value, bool $given): array
    {
        $index = $places = $seen = [];
        foreach ($given ? $this->read->list($value, '/stations') ?? [] : [] as $i => $entry) {
            $path = '/stations/'.$i;
            $fields = $this->read->object($entry, $path, ['id', 'capacity']);
            if (null === $fields) {
                continue;
            }
            $id = $this->id($fields, $path, $seen);
            $capacity = \array_key_exists('capacity', $fields) ? $this->read->whole($fields['capacity'], $path.'/capacity', 1, self::MOST_MINUTES) : null;
            if (null !== $id) {
                $index[$id] = \count($places);
            }
            $places[] = $capacity ?? 1;
        }

        return [$index, $places];
    }

    /**
     * @param array<string, int> $stations
     *
     * @return array{list<array{string, int, float, list<string>}>, array<string, StepCase>}
     */
    private function jobs(mixed $value, bool $given, array $stations): array
    {
        $jobs = $steps = $seen = $known = [];
        foreach ($given ? $this->read->list($value, '/jobs') ?? [] : [] as $j => $entry) {
            $path = '/jobs/'.$j;
            $fields = $this->read->object($entry, $path, ['id', 'due', 'steps'], ['weight']);
            if (null === $fields) {
                continue;
            }
            $id = $this->id($fields, $path, $seen);
            $due = \array_key_exists('due', $fields) ? $this->minutes($fields['due'], $path.'/due') : null;
            $weight = \array_key_exists('weight', $fields) ? $this->read->number($fields['weight'], $path.'/weight', 0.0) : 1.0;
            $own = [];
            foreach (\array_key_exists('steps', $fields) ? $this->read->list($fields['steps'], $path.'/steps', 1) ?? [] : [] as $n => $step) {
                $at = $path.'/steps/'.$n;
                $given = $this->read->object($step, $at, ['id', 'minutes', 'attended'], ['skill', 'station', 'after', 'setup']);
                if (null === $given) {
                    continue;
                }
                $stepId = $this->id($given, $at, $known);
                $minutes = \array_key_exists('minutes', $given) ? $this->read->whole($given['minutes'], $at.'/minutes', 0, self::MOST_MINUTES) : null;
                $attended = \array_key_exists('attended', $given) && true === $this->read->boolean($given['attended'], $at.'/attended');
                $station = $this->text($given, 'station', $at);
                if (null !== $station && !isset($stations[$station])) {
                    $this->read->fault($at.'/station', 'is not among the stations');
                }
                if (null !== $stepId) {
                    $own[] = $stepId;
                    $steps[$stepId] = [
                        'path' => $at,
                        'job' => $j,
                        'minutes' => $minutes ?? 0,
                        'attended' => $attended,
                        'skill' => $this->text($given, 'skill', $at),
                        'station' => null === $station ? null : $stations[$station] ?? null,
                        'setup' => $this->text($given, 'setup', $at),
                        'after' => $this->after($given['after'] ?? [], $at),
                        'start' => null,
                        'hand' => null,
                    ];
                }
            }
            $jobs[] = [$id ?? '', $due ?? 0, $weight ?? 1.0, $own];
        }

        return [$jobs, $steps];
    }

    /** @return list<array{string, int, int|null, string}> step, minimum, maximum, path */
    private function after(mixed $value, string $at): array
    {
        $after = [];
        foreach ($this->read->list($value, $at.'/after') ?? [] as $k => $entry) {
            $path = $at.'/after/'.$k;
            $fields = $this->read->object($entry, $path, ['step'], ['min_minutes', 'max_minutes']);
            if (null === $fields || !\array_key_exists('step', $fields)) {
                continue;
            }
            $min = \array_key_exists('min_minutes', $fields) ? $this->read->whole($fields['min_minutes'], $path.'/min_minutes', 0, self::MOST_MINUTES) : 0;
            $max = isset($fields['max_minutes']) ? $this->read->whole($fields['max_minutes'], $path.'/max_minutes', 0, self::MOST_MINUTES) : null;
            if (null !== $min && null !== $max && $max < $min) {
                $this->read->fault($path.'/max_minutes', 'must not be below min_minutes');
            }
            if (!\is_string($fields['step'])) {
                $this->read->fault($path.'/step', 'must be a text');
            } else {
                $after[] = [$fields['step'], $min ?? 0, $max, $path];
            }
        }

        return $after;
    }

    /**
     * @param array<string, StepCase> $steps
     * @param list<Worker>            $hands
     */
    private function fix(mixed $value, array &$steps, array $hands): void
    {
        $people = array_flip(array_map(static fn (Worker $h): string => $h->id, $hands));
        $paths = [];
        foreach ($this->read->list($value, '/fixed') ?? [] as $i => $entry) {
            $path = '/fixed/'.$i;
            $fields = $this->read->object($entry, $path, ['step', 'start'], ['person']);
            if (null === $fields || !\array_key_exists('step', $fields)) {
                continue;
            }
            $id = $this->text($fields, 'step', $path);
            $start = \array_key_exists('start', $fields) ? $this->minutes($fields['start'], $path.'/start') : null;
            $person = $this->text($fields, 'person', $path);
            if (null !== $person && !isset($people[$person])) {
                $this->read->fault($path.'/person', 'is not among the people');
            }
            if (null === $id || !isset($steps[$id])) {
                $this->read->fault($path.'/step', 'is not among the steps');

                continue;
            }
            if (null !== $steps[$id]['start']) {
                $this->read->fault($path.'/step', 'is fixed twice');
            }
            if ($steps[$id]['attended'] && null === $person) {
                $this->read->fault($path.'/person', 'is missing for a step that takes hands');
            }
            $steps[$id]['start'] = $start;
            $steps[$id]['hand'] = null === $person ? null : $people[$person] ?? null;
            $paths[$id] = $path;
        }
        $this->mayBeSo($paths, $steps);
    }

    /**
     * What has been may not contradict itself: nobody did two things at once, and nothing was begun before what it follows had ended.
     *
     * @param array<string, string>   $paths of what is fixed, by step
     * @param array<string, StepCase> $steps
     */
    private function mayBeSo(array $paths, array $steps): void
    {
        $busy = [];
        foreach ($paths as $id => $path) {
            $step = $steps[$id];
            if (null === $step['start']) {
                continue;
            }
            foreach ($step['after'] as [$other]) {
                $before = isset($paths[$other]) ? $steps[$other]['start'] ?? null : null;
                if (null !== $before && $step['start'] < $before + $steps[$other]['minutes']) {
                    $this->read->fault($path.'/start', 'is before the end of a step that it follows');
                }
            }
            foreach (null === $step['hand'] || 0 === $step['minutes'] ? [] : $busy[$step['hand']] ?? [] as [$from, $until]) {
                if ($step['start'] < $until && $from < $step['start'] + $step['minutes']) {
                    $this->read->fault($path.'/start', 'is while the same person is fixed elsewhere');

                    break;
                }
            }
            if (null !== $step['hand']) {
                $busy[$step['hand']][] = [$step['start'], $step['start'] + $step['minutes']];
            }
        }
    }

    /**
     * @param list<array{string, int, float, list<string>}> $jobs
     * @param array<string, StepCase>                       $steps
     * @param list<Worker>                                  $hands
     * @param list<int>                                     $places
     * @param array{int, int}                               $setUp  minutes of going on with another piece, and of handing one over
     */
    private function linked(array $jobs, array $steps, array $hands, array $places, array $setUp): Problem
    {
        $index = array_flip(array_map(strval(...), array_keys($steps)));
        $works = [];
        foreach ($steps as $id => $step) {
            if ($step['attended'] && null === $step['start'] && $this->isTooLong($step['minutes'], $step['skill'], $hands)) {
                $this->read->fault($step['path'].'/minutes', 'is longer than any shift of those who can do it');
            }
            $after = [];
            foreach ($step['after'] as [$other, $min, $max, $path]) {
                if (!isset($index[$other])) {
                    $this->read->fault($path.'/step', 'is not among the steps');
                } else {
                    $after[] = new Lag($index[$other], $min, $max);
                }
            }
            $works[] = new Activity(
                id: (string) $id,
                job: $step['job'],
                minutes: $step['minutes'],
                attended: $step['attended'],
                skill: $step['attended'] ? $step['skill'] : null,
                station: $step['station'],
                after: $after,
                setup: $step['attended'] ? $step['setup'] : null,
                fixedStart: $step['start'],
                fixedPerson: $step['hand'],
            );
        }
        $promised = [];
        foreach ($jobs as [$id, $due, $weight, $own]) {
            if ([] !== $own) {
                $promised[] = new DueJob($id, $due, $weight, array_map(static fn (string $s): int => $index[$s], $own));
            }
        }

        return new Problem($works, $promised, $hands, $places, ...$setUp);
    }

    private function minutes(mixed $value, string $path): ?int
    {
        $at = $this->read->time($value, $path);
        if (null === $at) {
            return null;
        }
        $seconds = $at->getTimestamp() - $this->now->getTimestamp();
        if (0 !== $seconds % 60) {
            $this->read->fault($path, 'must be a whole minute from now');

            return null;
        }

        return intdiv($seconds, 60);
    }

    /** @param array<string, mixed> $fields */
    private function text(array $fields, string $key, string $path): ?string
    {
        $value = $fields[$key] ?? null;
        if (null !== $value && !\is_string($value)) {
            $this->read->fault($path.'/'.$key, 'must be a text');
        }

        return \is_string($value) ? $value : null;
    }

    /**
     * @param array<string, mixed> $fields
     * @param array<string, true>  $seen
     */
    private function id(array $fields, string $path, array &$seen): ?string
    {
        if (!\array_key_exists('id', $fields)) {
            return null;
        }
        $id = $this->text($fields, 'id', $path);
        if (null === $id || '' === $id) {
            if ('' === $id || null === $fields['id']) {
                $this->read->fault($path.'/id', 'must be a text');
            }

            return null;
        }
        if (isset($seen[$id])) {
            $this->read->fault($path.'/id', 'is there twice');
        }
        $seen[$id] = true;

        return $id;
    }

    /**
     * Somebody who can do it is here, but never for so long; that nobody is here at all is no fault of the step.
     *
     * @param list<Worker> $hands
     */
    private function isTooLong(int $minutes, ?string $skill, array $hands): bool
    {
        $lengths = [];
        foreach ($hands as $hand) {
            foreach ($hand->can($skill) ? $hand->shifts : [] as [$from, $until]) {
                $lengths[] = $until - $from;
            }
        }

        return [] !== $lengths && $minutes > max($lengths);
    }
}
