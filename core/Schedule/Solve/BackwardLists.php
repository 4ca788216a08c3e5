<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Places activity lists backwards: the last step first, each as late as hands, places and windows let it, so that jobs end by dates. The order that this gives
 * is then placed forwards (forward–backward scheduling, Li and Willis 1992).
 */
final readonly class BackwardLists
{
    /** Minutes before now in which somebody is always there, the other way round. */
    private const LONG = 100_000;

    /** The same work with time running the other way. */
    private ActivityLists $mirrored;
    /** When the last shift ends: where the other way begins. */
    private int $end;
    /** @var list<int> steps that nothing of their job waits for */
    private array $last;

    public function __construct(private ActivityLists $lists)
    {
        $problem = $lists->problem;
        $this->end = max([0, ...array_map(static fn (Worker $w): int => max([0, ...array_column($w->shifts, 1)]), $problem->workers)]);
        $followers = array_fill_keys(array_keys($problem->steps), []);
        $last = $followers;
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                $followers[$lag->step][] = new Lag($i, $lag->min, $lag->max);
                if ($problem->steps[$lag->step]->job === $work->job) {
                    unset($last[$lag->step]);
                }
            }
        }
        $this->last = array_keys($last);
        $steps = array_map(fn (Activity $work, array $after): Activity => new Activity(
            $work->id,
            $work->job,
            $work->minutes,
            $work->attended,
            $work->skill,
            $work->station,
            $after,
            $work->setup,
            null === $work->fixedStart ? null : $this->end - $work->fixedStart - $work->minutes,
            $work->fixedPerson,
            $work->stays,
        ), $problem->steps, array_values($followers));
        $this->mirrored = new ActivityLists(new Problem($steps, $problem->jobs, array_map($this->mirror(...), $problem->workers), $problem->places));
    }

    /**
     * @param list<int>       $order steps that are not fixed, each after those it waits for
     * @param array<int, int> $dates by job
     *
     * @return list<int>|null steps by their start where each is as late as it can be; null where one finds no place in its window
     */
    public function order(array $order, array $dates): ?array
    {
        $floor = [];
        foreach ($this->last as $i) {
            $floor[$i] = $this->end - $dates[$this->lists->problem->steps[$i]->job];
        }
        $placed = $this->mirrored->place(array_reverse($order), [], $floor);
        $starts = [];
        foreach ($placed->starts ?? [] as $i => $at) {
            $starts[$i] = $this->end - $at - $this->lists->problem->steps[$i]->minutes;
        }

        return null === $placed ? null : $this->lists->inTime($starts);
    }

    /** What does not fit is put before now: its place in the order is what counts. */
    private function mirror(Worker $worker): Worker
    {
        $shifts = array_map(fn (array $shift): array => [$this->end - $shift[1], $this->end - $shift[0]], array_reverse($worker->shifts));

        return new Worker($worker->id, $worker->skills, [...$shifts, [$this->end + 1, $this->end + 1 + self::LONG]]);
    }
}
