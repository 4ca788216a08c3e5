<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * What a timetable in the making may come to: when each step that is ready could begin, when each job ends if nothing else stands in its way, and when if the
 * hands do one job after the other, the most urgent first (apparent tardiness cost, Vepsalainen and Morton 1987).
 */
final class Outlook
{
    private const NEVER = ResourceCalendars::NEVER;
    private const UNBOUNDED = 1 << 40;
    private const TRIES = 10;
    private const AHEAD = 480.0;
    private const AHEAD_JOBS = 6.0;
    private const COMPLETION_SHARE = 0.01;

    /** How much of the guess goes by the hands, 0 to 1; the rest goes by each job alone. */
    public float $byHands = 0.7;
    /** @var array<int, float> by job */
    public array $weights;
    private readonly ResourceCalendars $calendars;
    /** @var list<Capacity> by person */
    private readonly array $hours;
    /** Of all hands. */
    private readonly Capacity $together;
    /** @var list<int> */
    public readonly array $minutes;
    /** @var list<int> index of the station, -1 for none */
    public readonly array $place;
    /** @var list<list<int>> */
    public readonly array $able;
    /** @var array<int, list<int>> by step: those that wait for it */
    public readonly array $after;
    /** @var array<int, list<array{int, int, int}>> by step: those that hang on it by a window, with the least and the longest wait */
    private readonly array $tied;
    /** @var array<int, list<array{int, int, int}>> by step: the step before, its least and its longest wait */
    private readonly array $waits;
    /** @var list<int> */
    private readonly array $job;
    private readonly bool $hasSetUp;
    private ?LatestStart $latest = null;
    private ?Deadlines $deadlines = null;
    /** @var array<int, int> by job: those that are to be kept */
    private array $dates = [];
    /** @var array<int, array<int, int>> by step and minute: when its job ends at the earliest */
    private array $tails = [];

    public function __construct(private readonly ActivityLists $lists)
    {
        $problem = $lists->problem;
        $this->calendars = $lists->fixed->calendars;
        $stretches = array_map($this->calendars->stretches(...), array_keys($problem->workers));
        $this->hours = array_map(Capacity::of(...), $stretches);
        $this->together = Capacity::of(array_merge(...$stretches));
        $this->weights = $lists->weights;
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $problem->steps);
        $this->place = array_map(static fn (Activity $w): int => 0 === $w->minutes ? -1 : $w->station ?? -1, $problem->steps);
        $this->able = array_map(
            static fn (Activity $w): array => $w->attended && $w->minutes > 0 ? $problem->able($w) : [],
            $problem->steps,
        );
        $after = $tied = $waits = array_fill_keys(array_keys($problem->steps), []);
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                $waits[$i][] = [$lag->step, $lag->min, $lag->max ?? self::UNBOUNDED];
            }
            foreach ($work->isFixed() ? [] : $work->after as $lag) {
                $after[$lag->step][] = $i;
                if (null !== $lag->max) {
                    $tied[$lag->step][] = [$i, $lag->min, $lag->max];
                }
            }
        }
        [$this->after, $this->tied, $this->waits] = [$after, $tied, $waits];
        $this->job = array_map(static fn (Activity $w): int => $w->job, $problem->steps);
        $this->hasSetUp = $problem->hasSetUp();
    }

    /** @param array<int, int>|null $dates by job: what cannot keep them any more is dropped; null for none */
    public function keep(?array $dates): void
    {
        $this->dates = $dates ?? [];
        $this->deadlines = null === $dates ? null : new Deadlines(
            $this->lists->problem,
            $this->able,
            $this->hours,
            $this->together,
            $dates,
            ($this->latest ??= new LatestStart($this->lists->problem))->starts($dates),
        );
    }

    /**
     * Fills in what could come next, the guess and, unless dates are to be kept, the bound.
     *
     * @param int $placed the one step that was placed since `next` was filled in; -1 where it is to be found from nothing
     *
     * @return bool false where a step has missed its window, or a date is missed that is to be kept
     */
    public function assess(BeamNode $node, int $placed = -1): bool
    {
        $minutes = $this->minutes;
        $starts = $node->starts;
        $ends = $node->ends;
        $dates = $this->dates;
        $known = $placed < 0 ? [] : $node->next;
        $next = $tight = [];
        $people = \count($this->hours) + 1;
        $placedBy = $node->workers[$placed] ?? -1;
        $placedAt = $this->place[$placed] ?? -1;
        $placedOf = $this->hasSetUp ? $this->job[$placed] ?? -1 : -1;
        foreach ($node->ready as $i) {
            [$from, $until] = [0, self::NEVER];
            foreach ($this->waits[$i] as [$j, $min, $max]) {
                $end = $starts[$j] + $minutes[$j];
                if ($end + $min > $from) {
                    $from = $end + $min;
                }
                if ($end + $max < $until) {
                    $until = $end + $max;
                }
            }
            $place = $this->place[$i];
            if ($place >= 0 && $node->places[$place][0] > $from) {
                $from = $node->places[$place][0];
            }
            $soonest = self::NEVER;
            if ([] === $this->able[$i]) {
                $soonest = $this->reaching($node, $i, -1, $from);
                $next[$people * $i] = [$i, -1, $soonest];
            }
            $isTied = [] !== $this->tied[$i];
            // Nothing has changed but for the one who did what was placed, where it was, and with set-ups for its piece.
            $asBefore = !$isTied && ($place < 0 || $place !== $placedAt) && $this->job[$i] !== $placedOf;
            foreach ($this->able[$i] as $p) {
                $key = $people * $i + 1 + $p;
                if ($asBefore && $p !== $placedBy && isset($known[$key])) {
                    $next[$key] = $known[$key];
                    if ($known[$key][2] < $soonest) {
                        $soonest = $known[$key][2];
                    }

                    continue;
                }
                $at = $this->at($node, $i, $p, $from);
                if ($isTied && self::NEVER !== $at) {
                    $at = $this->reaching($node, $i, $p, $at);
                }
                if ($at <= $until && self::NEVER !== $at) {
                    $next[$key] = [$i, $p, $at];
                    if ($at < $soonest) {
                        $soonest = $at;
                    }
                }
            }
            if (self::NEVER === $soonest || $soonest > $until) {
                return false;
            }
            if ($place >= 0 && $until < self::UNBOUNDED && 1 === \count($node->places[$place])) {
                $tight[$place][] = [$until + $minutes[$i], $minutes[$i], $soonest];
            }
            $job = $this->job[$i];
            $end = $this->tails[$i][$soonest] ?? $this->tail($i, $soonest);
            if ($end > $ends[$job]) {
                if (isset($dates[$job]) && $end > $dates[$job]) {
                    return false;
                }
                $ends[$job] = $end;
            }
        }
        foreach ($tight as $steps) {
            if (\count($steps) > 1 && !self::fit($steps)) {
                return false;
            }
        }
        $node->next = $next;
        if (null === $this->deadlines) {
            $this->judge($node, $ends);

            return true;
        }
        $pressure = $this->deadlines->pressure($node, $ends);
        $node->guess = $pressure ?? \INF;

        return null !== $pressure;
    }

    /**
     * Whether steps can follow each other at one place, whichever way, so that each ends in time: the most pressing first, all from when the first can begin.
     *
     * @param non-empty-list<array{int, int, int}> $steps by when each ends at the latest, its minutes, and its earliest start
     */
    private static function fit(array $steps): bool
    {
        sort($steps);
        $at = min(array_column($steps, 2));
        foreach ($steps as [$by, $minutes]) {
            $at += $minutes;
            if ($at > $by) {
                return false;
            }
        }

        return true;
    }

    /** @param array<int, int> $ends when each job ends if nothing else stands in its way */
    private function judge(BeamNode $node, array $ends): void
    {
        $jobs = $this->lists->problem->jobs;
        $done = 0;
        foreach ($node->free as $p => $free) {
            $done += $this->hours[$p]->until($free);
        }
        $ahead = self::AHEAD + self::AHEAD_JOBS * max(30.0, array_sum($node->left) / \count($jobs));
        $bound = $guess = 0.0;
        $urge = [];
        foreach ($jobs as $j => $job) {
            $late = $ends[$j] - $job->due;
            if ($late > 0) {
                $bound += $job->weight * $late;
            }
            if ($node->left[$j] > 0) {
                $urge[$j] = $this->weights[$j] / $node->left[$j] * ($late < 0 ? exp($late / $ahead) : 1.0);
            } elseif ($late > 0) {
                $guess += $this->weights[$j] * $late;
            }
        }
        arsort($urge);
        $goals = [];
        foreach ($urge as $j => $_) {
            $goals[] = $done += $node->left[$j];
        }
        $byHands = $this->together->when($goals);
        foreach (array_keys($urge) as $k => $j) {
            $end = $byHands[$k] > $ends[$j] ? $ends[$j] + $this->byHands * ($byHands[$k] - $ends[$j]) : $ends[$j];
            if ($end > $jobs[$j]->due) {
                $guess += $this->weights[$j] * ($end - $jobs[$j]->due);
            }
            $guess += self::COMPLETION_SHARE * $end;
        }
        $node->bound = $bound;
        $node->guess = $guess;
    }

    /** When a person could begin with a step, what going from piece to piece costs counted. */
    private function at(BeamNode $node, int $i, int $p, int $from): int
    {
        $free = $node->free[$p];
        if (!$this->hasSetUp) {
            return $this->calendars->gap($p, $free > $from ? $free : $from, $this->minutes[$i]);
        }
        $problem = $this->lists->problem;
        $job = $this->job[$i];
        $need = (isset($node->jobOf[$p]) && $node->jobOf[$p] !== $job ? $problem->switchMinutes : 0)
            + (isset($node->handOf[$job]) && $node->handOf[$job] !== $p ? $problem->handoverMinutes : 0);
        $at = $this->calendars->gap($p, $free > $from - $need ? $free : $from - $need, $this->minutes[$i] + $need);

        return self::NEVER === $at ? $at : $at + $need;
    }

    /** The earliest start, not before `$at`, from which those that hang on the step by a window can be reached as hours and places stand now. */
    private function reaching(BeamNode $node, int $i, int $p, int $at): int
    {
        for ($tries = 0; $tries < self::TRIES; ++$tries) {
            $end = $at + $this->minutes[$i];
            $later = $at;
            foreach ($this->tied[$i] as [$k, $min, $max]) {
                $from = $end + $min;
                $place = $this->place[$k];
                if ($place >= 0 && $place !== $this->place[$i] && $node->places[$place][0] > $from) {
                    $from = $node->places[$place][0];
                }
                $soonest = [] === $this->able[$k] ? $from : self::NEVER;
                foreach ($this->able[$k] as $q) {
                    $start = $this->calendars->gap($q, $node->free[$q] > $from ? $node->free[$q] : $from, $this->minutes[$k]);
                    if ([] !== $this->tied[$k] && self::NEVER !== $start) {
                        $start = $this->reaching($node, $k, $q, $start);
                    }
                    if ($start < $soonest) {
                        $soonest = $start;
                    }
                }
                if (self::NEVER === $soonest) {
                    return self::NEVER;
                }
                $later = max($later, $soonest - $max - $this->minutes[$i]);
            }
            if ($later <= $at) {
                return $at;
            }
            $at = $p < 0 ? $later : $this->calendars->gap($p, $later, $this->minutes[$i]);
            if (self::NEVER === $at) {
                return $at;
            }
        }

        return $at;
    }

    /** Whether the step can begin then if the dates that are to be kept are. */
    public function isInTime(int $i, int $at): bool
    {
        return [] === $this->dates || ($this->tails[$i][$at] ?? $this->tail($i, $at)) <= $this->dates[$this->job[$i]];
    }

    /** When the step's job ends if it may begin from then on and nothing else stands in its way. */
    private function tail(int $i, int $from): int
    {
        if (isset($this->tails[$i][$from])) {
            return $this->tails[$i][$from];
        }
        $at = [] === $this->able[$i] ? $from : self::NEVER;
        foreach ($this->able[$i] as $p) {
            $at = min($at, $this->calendars->gap($p, $from, $this->minutes[$i]));
        }
        $end = self::NEVER === $at ? $from : $at + $this->minutes[$i];
        $last = $end;
        foreach ($this->after[$i] as $k) {
            foreach ($this->job[$k] === $this->job[$i] ? $this->waits[$k] : [] as [$j, $min]) {
                if ($j === $i) {
                    $last = max($last, $this->tail($k, $end + $min));
                }
            }
        }

        return $this->tails[$i][$from] = $last;
    }
}
