<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\PlanAssembler;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Planning\ReworkError;
use KindHeel\Core\Treatment\Step;

/** Changes the steps of a piece, numbers and words with them; what it does not change stays as it is. */
final readonly class RedrawPlan
{
    public function __construct(private AirHistory $air, private PlanTerms $terms)
    {
    }

    /**
     * @param \Closure(Rework): Rework $change
     * @param string                   $why    the reason of the steps that come in
     * @param list<string>             $rules  numbers of the rules behind them
     *
     * @throws ReworkError
     */
    public function redraw(StoredPiece $piece, \Closure $change, string $why, array $rules = []): void
    {
        $known = [];
        foreach ($piece->steps() as $step) {
            $known[$step->key()] = $step->toNeed();
        }
        $rework = $change(Rework::of($piece->toCore(), array_values(array_map(static fn (Need $w): Step => $w->step, $known))));
        $needs = array_map(
            static fn (Step $s): Need => isset($known[$s->id]) ? $known[$s->id]->with($s) : new Need($s, 0, $why, $rules, self::shadeLike($s, $known)),
            $rework->steps,
        );
        $piece->follow((new PlanAssembler($piece->toCore(), $this->air->now(), $this->terms->of($piece)))->steps($needs));
    }

    /**
     * One more coat of what is laid there already has the colour of that.
     *
     * @param array<string, Need> $known
     */
    private static function shadeLike(Step $step, array $known): ?Shade
    {
        foreach ($known as $need) {
            if ($need->step->what() === $step->what() && $need->step->touches($step->on[0])) {
                return $need->shade;
            }
        }

        return null;
    }
}
