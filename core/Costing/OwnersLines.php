<?php

declare(strict_types=1);

namespace KindHeel\Core\Costing;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Planning\Answers;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\WorkKey;

/**
 * The steps of a plan as lines that an owner understands: by what is wrong and where, and by the kind of work for what the whole piece gets.
 *
 * A step that does something about several findings is shared among them; together the lines have the minutes of the plan, neither more nor less.
 */
final class OwnersLines
{
    /**
     * @param \Closure(string): Learned $learned     of a {@see WorkKey}: how long such work takes here
     * @param float                     $correlation how much the minutes of a job are long or short together, 0 to 1
     *
     * @return list<Share> in the order of the work
     */
    public static function of(Plan $plan, Piece $piece, \Closure $learned, float $correlation): array
    {
        $found = array_values(array_filter($piece->findings, static fn (Finding $f): bool => Severity::None !== $f->severity));
        $shares = [];
        foreach ($plan->steps as $planned) {
            $step = $planned->step;
            $known = $learned(WorkKey::of($step->action, $step->family, $step->applicator));
            $minutes = $planned->minutes * $known->factor;
            $kind = KindOfWork::of($step->phase);
            $answered = KindOfWork::Handling === $kind ? [] : self::answered($found, $step);
            foreach ([] === $answered ? [''] : $answered as $of) {
                $part = $minutes / max(1, \count($answered));
                $shares[$of.'/'.$kind->value] ??= ['of' => $of, 'kind' => $kind, 'minutes' => 0.0, 'squares' => 0.0, 'deviations' => 0.0];
                $shares[$of.'/'.$kind->value]['minutes'] += $part;
                $shares[$of.'/'.$kind->value]['squares'] += ($part * $known->spread) ** 2;
                $shares[$of.'/'.$kind->value]['deviations'] += $part * $known->spread;
            }
        }

        return array_map(static fn (array $s): Share => new Share(
            '' === $s['of'] ? $s['kind']->label() : self::named($s['of'], $found, $piece),
            $s['kind'],
            $s['minutes'],
            sqrt((1.0 - $correlation) * $s['squares'] + $correlation * $s['deviations'] ** 2),
        ), array_values($shares));
    }

    /**
     * @param list<Finding> $found
     *
     * @return list<string> kinds of findings that a step does something about, where it touches them
     */
    private static function answered(array $found, Step $step): array
    {
        $kinds = [];
        foreach ($found as $finding) {
            if ($step->touches($finding->at) && Answers::finding($finding->kind, $step)) {
                $kinds[$finding->kind->value] = $finding->kind->value;
            }
        }

        return array_values($kinds);
    }

    /** @param list<Finding> $found */
    private static function named(string $kind, array $found, Piece $piece): string
    {
        $of = array_values(array_filter($found, static fn (Finding $f): bool => $f->kind->value === $kind));
        if ([] === $of) {
            throw new \LogicException('Nothing of that kind was found.');
        }

        return Phrase::sentence('%s on the %s', $of[0]->kind->noun(), PlaceWords::at(array_map(static fn (Finding $f): Place => $f->at, $of), $piece));
    }
}
