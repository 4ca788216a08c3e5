<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\Halves;
use KindHeel\App\Job\StoredStep;
use KindHeel\Core\Treatment\Planning\Plan;

/** What a new plan does otherwise than the one before, in sentences. */
final class PlanChanges
{
    private const MOST = 8;

    /**
     * @param list<StoredStep> $before
     *
     * @return list<string>
     */
    public static function between(array $before, Plan $plan): array
    {
        $old = [];
        foreach ($before as $step) {
            $old[] = self::told($step->halves(), $step->title(), $step->words()->where());
        }
        $new = [];
        foreach ($plan->steps as $step) {
            $new[] = self::told(Halves::of($step->step->on), $step->title, $step->where);
        }
        $come = array_values(array_unique(array_diff($new, $old)));
        $gone = array_values(array_unique(array_diff($old, $new)));

        return [] === $old ? [] : [...self::some('New', $come), ...self::some('No longer', $gone)];
    }

    /**
     * @param list<string> $steps
     *
     * @return list<string>
     */
    private static function some(string $word, array $steps): array
    {
        $more = \count($steps) - self::MOST;

        return [
            ...array_map(static fn (string $s): string => $word.': '.$s.'.', \array_slice($steps, 0, self::MOST)),
            ...($more > 0 ? [\sprintf('%s: %d more steps.', $word, $more)] : []),
        ];
    }

    private static function told(Halves $halves, string $title, string $where): string
    {
        return lcfirst($title).' on the '.$halves->prefix().$where;
    }
}
