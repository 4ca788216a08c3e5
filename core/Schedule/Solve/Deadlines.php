<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Whether dates can still be kept, as far as can be told: the steps that are left, the one that must end first before the others (earliest due date, Jackson
 * 1955), by all hands together, by the one who alone can do them, and at each station with one place; and how little time that leaves. What has been placed
 * counts with the time that it left: otherwise whoever has done what pressed looks better than whoever did what had to be done first.
 */
final readonly class Deadlines
{
    /** Minutes of slack above which a step hardly presses. */
    private const SLACK = 60;

    /** @var list<array{int, int, int}> step, minutes, and what all hands together can have done by its latest end */
    private array $together;
    /** @var array<int, non-empty-list<array{int, int, int}>> by person: the same of what they alone can do */
    private array $alone;
    /** @var array<int, non-empty-list<array{int, int, int}>> by station: step, minutes, latest end */
    private array $atPlaces;
    /** @var array<int, int> latest start by step that is not fixed */
    private array $latest;

    /**
     * @param list<list<int>> $able   by step: who can do it, nobody where nobody has to
     * @param list<Capacity>  $hours  by person
     * @param Capacity        $all    hands together
     * @param array<int, int> $dates  by job
     * @param array<int, int> $latest start by step for them
     */
    public function __construct(Problem $problem, array $able, private array $hours, private Capacity $all, private array $dates, array $latest)
    {
        $ends = [];
        foreach ($problem->steps as $i => $work) {
            if (!$work->isFixed() && $work->minutes > 0) {
                $ends[$i] = $latest[$i] + $work->minutes;
            }
        }
        asort($ends);
        $this->latest = array_intersect_key($latest, $ends);
        $together = $alone = $atPlaces = [];
        foreach ($ends as $i => $end) {
            $work = $problem->steps[$i];
            if ([] !== $able[$i]) {
                $together[] = [$i, $work->minutes, $all->until($end)];
            }
            if (1 === \count($able[$i]) && \count($hours) > 1) {
                $alone[$able[$i][0]][] = [$i, $work->minutes, $hours[$able[$i][0]]->until($end)];
            }
            if (null !== $work->station && 1 === $problem->places[$work->station]) {
                $atPlaces[$work->station][] = [$i, $work->minutes, $end];
            }
        }
        [$this->together, $this->alone, $this->atPlaces] = [$together, $alone, $atPlaces];
    }

    /**
     * @param array<int, int> $ends by job, if nothing else stands in its way
     *
     * @return float|null the less time is left anywhere, the more; null where a date is missed, whatever comes
     */
    public function pressure(BeamNode $node, array $ends): ?float
    {
        $pressure = 0.0;
        foreach ($ends as $j => $end) {
            $slack = $this->dates[$j] - $end;
            if ($slack < 0) {
                return null;
            }
            $pressure += $node->left[$j] > 0 ? 1.0 / (self::SLACK + $slack) : 0.0;
        }
        $done = [];
        foreach ($node->free as $p => $free) {
            $done[$p] = $this->hours[$p]->until($free);
        }
        $lists = [[$this->together, array_sum($done)]];
        foreach ($this->alone as $p => $steps) {
            $lists[] = [$steps, $done[$p]];
        }
        foreach ($this->atPlaces as $place => $steps) {
            $lists[] = [$steps, $node->places[$place][0]];
        }
        $starts = $node->starts;
        foreach ($this->latest as $i => $latest) {
            if (isset($starts[$i])) {
                $slack = $latest - $starts[$i];
                if ($slack < 0) {
                    return null;
                }
                $pressure += 1.0 / (self::SLACK + $slack);
            }
        }
        foreach ($lists as [$steps, $at]) {
            foreach ($steps as [$i, $minutes, $latest]) {
                if (isset($starts[$i])) {
                    continue;
                }
                $at += $minutes;
                if ($at > $latest) {
                    return null;
                }
                $pressure += 1.0 / (self::SLACK + $latest - $at);
            }
        }

        return $pressure;
    }
}
