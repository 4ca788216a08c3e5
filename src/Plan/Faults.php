<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/** What the rules say of a plan that hands have changed. */
final class Faults
{
    /** @return list<FaultView> of steps that are still to be done, each rule once for a step */
    public static function of(StoredPiece $piece): array
    {
        if (!$piece->terms()->isByHand()) {
            return [];
        }
        $steps = [];
        foreach ($piece->steps() as $step) {
            $steps[$step->key()] = $step;
        }
        $found = [];
        foreach (self::violations($piece) as $violation) {
            $step = $steps[$violation->step] ?? null;
            if (null !== $step && $step->isOpen()) {
                $reason = $step->reasonFor($violation->rule);
                $found[$violation->step.' '.$violation->rule] ??= new FaultView(
                    $violation->step,
                    $violation->rule,
                    $violation->stops,
                    $violation->message,
                    RuleBook::because($violation->rule),
                    $reason,
                );
            }
        }

        return array_values($found);
    }

    /** The first stop of a step that nobody has gone over; null when it may be begun. */
    public static function stopping(StoredStep $step): ?string
    {
        foreach ($step->piece()->terms()->isByHand() ? self::violations($step->piece()) : [] as $violation) {
            if ($violation->step === $step->key() && $violation->stops && null === $step->reasonFor($violation->rule)) {
                return \sprintf('%s: %s', $violation->rule, $violation->message);
            }
        }

        return null;
    }

    /** @return list<Violation> */
    private static function violations(StoredPiece $piece): array
    {
        return Rework::of($piece->toCore(), array_map(static fn (StoredStep $s): Step => $s->toNeed()->step, $piece->steps()))->faults();
    }
}
