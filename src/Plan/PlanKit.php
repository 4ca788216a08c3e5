<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\StepDetail;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Kit;
use KindHeel\Core\Treatment\Planning\KitLine;
use KindHeel\Core\Treatment\Planning\Supply;

/** The kit list of a stored plan. */
final class PlanKit
{
    /**
     * @param list<StepDetail> $steps
     *
     * @return list<string>
     */
    public static function of(array $steps): array
    {
        return array_map(static fn (Supply $s): string => $s->label(), Kit::list(array_map(static fn (StepDetail $d): KitLine => new KitLine(
            $d->step->family,
            $d->shade,
            $d->amount,
            $d->step->applicator,
            Action::Buff === $d->step->action ? $d->step->brush : null,
            $d->supplies,
        ), $steps)));
    }
}
