<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Timetable;

/** Reads a timetable by the words of the contract alone: what it breaks, and what it is worth. */
final class ScheduleCheck
{
    /** @return list<string> what is wrong */
    public static function faults(Problem $problem, Timetable $table): array
    {
        $faults = [];
        foreach ($problem->steps as $i => $work) {
            if (!isset($table->starts[$i])) {
                $faults = isset($table->unplaced[$i]) ? $faults : [...$faults, $work->id.' is lost'];

                continue;
            }
            $start = $table->starts[$i];
            if (null !== $work->fixedStart && $start !== $work->fixedStart) {
                $faults[] = $work->id.' was moved';
            }
            if (!$work->isFixed() && $start < 0) {
                $faults[] = $work->id.' starts before now';
            }
            foreach ($work->after as $lag) {
                $waited = $start - ($table->starts[$lag->step] ?? 0) - $problem->steps[$lag->step]->minutes;
                if (!isset($table->starts[$lag->step]) || $waited < $lag->min && !($work->isFixed() && $problem->steps[$lag->step]->isFixed())) {
                    $faults[] = $work->id.' does not wait';
                }
            }
            $hand = ($table->workers[$i] ?? -1) < 0 ? null : $table->workers[$i];
            if ($work->attended !== (null !== $hand)) {
                $faults[] = $work->id.' has the wrong hands';
            }
            if (null === $hand || $work->isFixed()) {
                continue;
            }
            if (!$problem->workers[$hand]->can($work->skill)) {
                $faults[] = $work->id.' is done by somebody who cannot';
            }
            if ([] === array_filter($problem->workers[$hand]->shifts, static fn (array $s): bool => $s[0] <= $start && $start + $work->minutes <= $s[1])) {
                $faults[] = $work->id.' is outside a shift';
            }
        }

        return [...$faults, ...self::overfull($problem, $table), ...self::hurried($problem, $table)];
    }

    /**
     * How often somebody goes on with another piece, and how often a piece changes hands.
     *
     * @return array{int, int}
     */
    public static function setUps(Problem $problem, Timetable $table): array
    {
        $switches = $handovers = 0;
        foreach (self::attended($problem, $table) as $i => $start) {
            [$before, $earlier] = self::beforeIt($problem, $table, $i);
            $switches += null !== $before && $problem->steps[$before]->job !== $problem->steps[$i]->job ? 1 : 0;
            $handovers += null !== $earlier && $table->workers[$earlier] !== $table->workers[$i] ? 1 : 0;
        }

        return [$switches, $handovers];
    }

    /** @return list<string> steps without the free minutes that going from piece to piece, or from hand to hand, takes */
    private static function hurried(Problem $problem, Timetable $table): array
    {
        $faults = [];
        foreach (self::attended($problem, $table) as $i => $start) {
            [$before, $earlier] = self::beforeIt($problem, $table, $i);
            $need = (null !== $before && $problem->steps[$before]->job !== $problem->steps[$i]->job ? $problem->switchMinutes : 0)
                + (null !== $earlier && $table->workers[$earlier] !== $table->workers[$i] ? $problem->handoverMinutes : 0);
            if (0 === $need || $problem->steps[$i]->isFixed()) {
                continue;
            }
            if (null !== $before && $table->starts[$before] + $problem->steps[$before]->minutes > $start - $need) {
                $faults[] = $problem->steps[$i]->id.' is taken up too soon';
            }
            $end = $start + $problem->steps[$i]->minutes;
            $shifts = $problem->workers[$table->workers[$i]]->shifts;
            if ([] === array_filter($shifts, static fn (array $s): bool => $s[0] <= $start - $need && $end <= $s[1])) {
                $faults[] = $problem->steps[$i]->id.' is taken up before its shift';
            }
        }

        return $faults;
    }

    /** @return array<int, int> starts of what takes hands and time, by step */
    private static function attended(Problem $problem, Timetable $table): array
    {
        return array_filter(
            $table->starts,
            static fn (int $start, int $i): bool => $problem->steps[$i]->minutes > 0 && ($table->workers[$i] ?? -1) >= 0,
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array{int|null, int|null} what its person, and what its job's people, began last before it */
    private static function beforeIt(Problem $problem, Timetable $table, int $of): array
    {
        $last = [null, null];
        foreach (self::attended($problem, $table) as $i => $start) {
            if ($start < $table->starts[$of]) {
                foreach ([$table->workers[$i] === $table->workers[$of], $problem->steps[$i]->job === $problem->steps[$of]->job] as $which => $counts) {
                    $known = $last[$which];
                    if ($counts && (null === $known || $start > $table->starts[$known])) {
                        $last[$which] = $i;
                    }
                }
            }
        }

        return $last;
    }

    /** Weighted tardiness as it follows from the starts. */
    public static function tardiness(Problem $problem, Timetable $table): float
    {
        $sum = 0.0;
        foreach ($problem->jobs as $job) {
            $end = 0;
            foreach ($job->steps as $n => $i) {
                $here = $table->starts[$i] + $problem->steps[$i]->minutes;
                $end = 0 === $n ? $here : max($end, $here);
            }
            $sum += $job->weight * max(0, $end - $job->due);
        }

        return $sum;
    }

    /** @return list<string> */
    private static function overfull(Problem $problem, Timetable $table): array
    {
        $faults = [];
        $minutes = array_unique(array_values($table->starts));
        foreach ($minutes as $minute) {
            $busy = $taken = [];
            foreach ($table->starts as $i => $start) {
                $work = $problem->steps[$i];
                if ($start <= $minute && $minute < $start + $work->minutes) {
                    if (($table->workers[$i] ?? -1) >= 0) {
                        $busy[$table->workers[$i]][] = $i;
                    }
                    if (null !== $work->station) {
                        $taken[$work->station][] = $i;
                    }
                }
            }
            foreach ($busy as $steps) {
                if (\count($steps) > 1 && self::anyLoose($problem, $steps)) {
                    $faults[] = 'one person does two things at minute '.$minute;
                }
            }
            foreach ($taken as $station => $steps) {
                if (\count($steps) > $problem->places[$station] && self::anyLoose($problem, $steps)) {
                    $faults[] = 'a station is overfull at minute '.$minute;
                }
            }
        }

        return $faults;
    }

    /**
     * What is fixed may lie over what is fixed.
     *
     * @param list<int> $steps
     */
    private static function anyLoose(Problem $problem, array $steps): bool
    {
        foreach ($steps as $i) {
            if (!$problem->steps[$i]->isFixed()) {
                return true;
            }
        }

        return false;
    }
}
