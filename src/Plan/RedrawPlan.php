<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Piece\StoredPiece;
use KindHeel\Core\Treatment\Planning\Numbers;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Planning\ReworkError;
use KindHeel\Core\Treatment\Planning\Wanted;
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
            $known[$step->key()] = $step->toWanted();
        }
        $rework = $change(Rework::of($piece->toCore(), array_values(array_map(static fn (Wanted $w): Step => $w->step, $known))));
        $wanted = array_map(
            static fn (Step $s): Wanted => isset($known[$s->id]) ? $known[$s->id]->with($s) : new Wanted($s, 0, $why, $rules),
            $rework->steps,
        );
        $piece->follow((new Numbers($piece->toCore(), $this->air->now(), $this->terms->of($piece)))->steps($wanted));
    }
}
