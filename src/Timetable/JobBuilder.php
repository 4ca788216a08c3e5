<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\App\Job\StepRecord;
use KindHeel\App\Learning\Factors;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\WorkKey;

/** A piece with its steps, stored or only planned, as the scheduling core sees it. */
final class JobBuilder
{
    /**
     * @param list<StepRecord> $steps   of one piece, in their order
     * @param Factors          $factors what has been learned of minutes and of drying
     * @param float|null       $sizeEu  of its trees
     * @param bool             $onRack  whether it stands there while it is at work
     */
    public static function stored(
        int $piece,
        \DateTimeImmutable $due,
        array $steps,
        Factors $factors = new Factors(),
        ?float $sizeEu = null,
        bool $onRack = true,
    ): Job {
        $drying = $acts = [];
        foreach ($steps as $step) {
            $drying[$step->key] = $factors->drying($step->dryingFamily, $step->applicator);
            $acts[$step->key] = $step->action;
        }
        $tasks = array_map(static fn (StepRecord $s): Task => self::task($s, $factors, $drying), $steps);

        return new Job($piece, $due, $tasks, GearHeld::by($acts, $sizeEu, $onRack));
    }

    /**
     * A piece as it would be planned now, of which nothing has been begun.
     *
     * @param list<PlannedStep> $steps
     * @param float|null        $sizeEu of its trees
     */
    public static function planned(int $piece, \DateTimeImmutable $due, array $steps, Factors $factors, ?float $sizeEu = null): Job
    {
        $drying = $tasks = $acts = [];
        foreach ($steps as $i => $planned) {
            $step = $planned->step;
            $drying[$step->id] = $factors->drying($step->dryingFamily(), $step->applicator);
            $acts[$step->id] = $step->action;
            [$after, $usual, $longest] = self::waits($planned->waits, $drying);
            $what = WorkKey::of($step->action, $step->family, $step->applicator);
            $tasks[] = new Task(
                // Numbers below nothing are those of no stored step.
                id: -1000 * $piece - $i,
                piece: $piece,
                key: $step->id,
                position: $i + 1,
                title: $planned->title,
                minutes: $planned->minutes * $factors->minutes($what)->factor,
                after: $after,
                usual: $usual,
                skill: $step->phase->value,
                station: $planned->station->value,
                brush: self::brush($planned->brush),
                longest: $longest,
                what: $what,
            );
        }

        return new Job($piece, $due, $tasks, GearHeld::by($acts, $sizeEu, true));
    }

    /** @param array<string, float> $drying factor by step */
    private static function task(StepRecord $step, Factors $factors, array $drying): Task
    {
        // What a done step once waited for binds nothing any more.
        [$after, $usual, $longest] = self::waits($step->isDone() ? [] : $step->waits, $drying);
        $what = $step->workKey();

        return new Task(
            id: $step->id,
            piece: $step->piece,
            key: $step->key,
            position: $step->position,
            title: $step->title,
            minutes: $step->minutes * $factors->minutes($what)->factor,
            after: $after,
            running: $step->isRunning(),
            doneAt: $step->isDone() ? $step->work->endedAt : null,
            moments: $step->coat->moments,
            gateFrom: $step->coat->gateFrom,
            gatePassed: $step->coat->passed,
            coat: $step->dryingFamily?->label(),
            usual: $usual,
            skill: $step->phase->value,
            station: $step->station->value,
            brush: self::brush($step->brush),
            worked: $step->work->workedMinutes,
            startedAt: $step->isDone() ? null : $step->work->startedAt,
            by: $step->isDone() ? null : $step->work->startedBy,
            longest: $longest,
            what: $what,
        );
    }

    /** Neutral asks for no brush of its own. */
    private static function brush(ColourFamily $family): ?string
    {
        return ColourFamily::Neutral === $family ? null : $family->value;
    }

    /**
     * @param list<Wait>           $waits
     * @param array<string, float> $drying factor by step
     *
     * @return array{list<After>, array<string, float>, array<string, float>} bonds, usual minutes and longest minutes by the step that is waited for
     */
    private static function waits(array $waits, array $drying): array
    {
        $after = $usual = $longest = [];
        foreach ($waits as $wait) {
            $key = $wait->bond->step;
            $after[] = $wait->bond;
            $usual[$key] = ($wait->minMinutes ?? 0.0) * ($drying[$key] ?? 1.0);
            if (null !== $wait->maxMinutes) {
                $longest[$key] = $wait->maxMinutes;
            }
        }

        return [$after, $usual, $longest];
    }
}
