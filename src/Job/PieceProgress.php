<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\Database\Row;

/** How far a piece has come; the word that screens and lists share. */
enum PieceProgress: string
{
    case ToLookOver = 'to-look-over';
    case ToPlan = 'to-plan';
    case Referred = 'referred';
    case Planned = 'planned';
    case InWork = 'in-work';
    /** done, and on the ready shelf until it is collected */
    case Ready = 'ready';
    case Collected = 'collected';
    /** it is not worked on after all */
    case CalledOff = 'called-off';

    /** There is a plan to be seen, if only of what others have to do. */
    public function hasPlan(): bool
    {
        return self::ToLookOver !== $this && self::ToPlan !== $this;
    }

    /** It is not here any more. */
    public function isAway(): bool
    {
        return self::Collected === $this || self::CalledOff === $this;
    }

    /** @param Row $row of a piece, with what {@see Steps::COUNTED} counts */
    public static function of(Row $row): self
    {
        $plannedFrom = $row->intOrNull('planned_from');
        $assessed = $row->int('assessed');

        return match (true) {
            null !== $row->textOrNull('called_off') => self::CalledOff,
            null !== $row->textOrNull('collected_at') => self::Collected,
            null !== $row->textOrNull('finished_at') => self::Ready,
            $row->int('begun') > 0 => self::InWork,
            null === $plannedFrom => 0 === $assessed ? self::ToLookOver : self::ToPlan,
            0 === $row->int('steps') => self::Referred,
            $plannedFrom !== $assessed => self::ToPlan,
            default => self::Planned,
        };
    }

    /** The same as a condition on a piece `p`, for lists that are searched where they are stored. */
    public function sql(): string
    {
        $here = 'p.finished_at IS NULL';
        [$steps, $begun] = [Steps::EXIST, Steps::BEGUN];

        return match ($this) {
            self::Collected => 'p.collected_at IS NOT NULL AND p.called_off IS NULL',
            self::CalledOff => 'p.called_off IS NOT NULL',
            self::Ready => 'p.finished_at IS NOT NULL AND p.collected_at IS NULL',
            self::InWork => "$here AND $begun",
            self::ToLookOver => "$here AND NOT $begun AND p.planned_from IS NULL AND p.assessed = 0",
            self::ToPlan => "$here AND NOT $begun AND (p.planned_from IS NULL AND p.assessed > 0 OR p.planned_from <> p.assessed AND $steps)",
            self::Referred => "$here AND NOT $begun AND p.planned_from IS NOT NULL AND NOT $steps",
            self::Planned => "$here AND NOT $begun AND p.planned_from = p.assessed AND $steps",
        };
    }
}
