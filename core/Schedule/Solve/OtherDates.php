<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Other dates to end by, and orders of all steps for them: one late job is to end a stretch of work earlier than it does, and some that cost less in all may
 * end a stretch later. Who ends in which stretch is most of what lateness costs, and no move of single steps leads from one such answer to another: each on the
 * way is worse.
 */
final readonly class OtherDates
{
    private const MOST_LATER = 3;
    /** Up to so many minutes a step is taken for less pressing than it is. */
    private const LESS_PRESSING = [0, 20, 60, 180];
    /** Of what a whole stretch more would cost. */
    private const LOSS = 0.8;

    /** @var list<int> when a stretch ends in which somebody is here, rising */
    private array $stretches;
    private LatestStart $latest;

    /** @param \Closure(int): int $random */
    public function __construct(private Problem $problem, private \Closure $random)
    {
        $shifts = array_merge(...array_map(static fn (Worker $w): array => $w->shifts, $problem->workers));
        sort($shifts);
        $ends = [];
        foreach ($shifts as [$from, $until]) {
            $last = \count($ends) - 1;
            if ($last >= 0 && $from <= $ends[$last]) {
                $ends[$last] = max($ends[$last], $until);
            } else {
                $ends[] = $until;
            }
        }
        $this->stretches = $ends;
        $this->latest = new LatestStart($problem);
    }

    /**
     * @param array<int, int> $dates by job
     *
     * @return list<int> steps by when they would have to begin at the latest, some of them a little later than that
     */
    public function order(array $dates): array
    {
        $later = [];
        $most = self::LESS_PRESSING[($this->random)(\count(self::LESS_PRESSING))];
        foreach ($most > 0 ? $this->problem->steps : [] as $i => $_) {
            $later[$i] = ($this->random)($most);
        }

        return $this->latest->order($dates, $later);
    }

    /**
     * @param array<int, int> $ends by job, as they are
     *
     * @return array<int, int>|null by job; null where no job that is late could end a stretch earlier
     */
    public function dates(array $ends): ?array
    {
        $in = $gains = $dates = [];
        foreach ([] === $this->stretches ? [] : $this->problem->jobs as $j => $job) {
            $in[$j] = $this->stretch($ends[$j]);
            $dates[$j] = max($job->due, $ends[$j], $this->stretches[$in[$j]]);
            if ($ends[$j] > $job->due && $in[$j] > 0) {
                $gains[$j] = (int) ceil($job->weight * ($ends[$j] - max($job->due, $this->stretches[$in[$j] - 1])));
            }
        }
        if ([] === $gains) {
            return null;
        }
        $earlier = $this->byWeight($gains);
        $left = $gains[$earlier];
        $dates[$earlier] = max($this->problem->jobs[$earlier]->due, $this->stretches[$in[$earlier] - 1]);
        for ($n = ($this->random)(1 + self::MOST_LATER); $n > 0; --$n) {
            $j = ($this->random)(\count($dates));
            $later = $this->endOfStretchAfter($dates[$j]);
            if ($j === $earlier || null === $later) {
                continue;
            }
            $job = $this->problem->jobs[$j];
            $loss = self::LOSS * $job->weight * max(0, $later - max($ends[$j], $job->due));
            if ($loss < $left) {
                $left -= $loss;
                $dates[$j] = max($dates[$j], $later);
            }
        }

        return $dates;
    }

    /** When the first stretch of work ends that ends later; null after the last. */
    private function endOfStretchAfter(int $date): ?int
    {
        foreach ($this->stretches as $end) {
            if ($end > $date) {
                return $end;
            }
        }

        return null;
    }

    /** The stretch of work in which something ends, or the last. */
    private function stretch(int $end): int
    {
        $k = 0;
        while ($k < \count($this->stretches) - 1 && $this->stretches[$k] < $end) {
            ++$k;
        }

        return $k;
    }

    /** @param non-empty-array<int, int> $weights */
    private function byWeight(array $weights): int
    {
        $dice = ($this->random)(max(1, (int) array_sum($weights)));
        foreach ($weights as $key => $weight) {
            $dice -= $weight;
            if ($dice < 0) {
                return $key;
            }
        }

        return array_key_last($weights);
    }
}
