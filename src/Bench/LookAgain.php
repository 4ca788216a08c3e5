<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Http\Refused;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Treatment\Need\Ladder;

/** A ladder is climbed by looking: “not enough” brings the next rung into the plan, “enough” leaves it out for good (O-5). */
final readonly class LookAgain
{
    public function __construct(private AtHand $atHand, private WorkStep $work, private MakePlan $plan, private Ledger $ledger)
    {
    }

    /** @throws Refused when the step is no look, or not under way */
    public function answer(int $id, LookInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if (!$step->isLook()) {
            throw Refused::now('There is nothing to look at here.');
        }
        $act = $this->work->end($step, new StepInput($input->version, $input->why, $input->at), $person);
        $at = $this->atHand->moment($input->at);
        $this->ledger->step(
            $input->enough ? Event::LookEnough : Event::LookNotEnough,
            $step,
            $person,
            $input->enough ? $step->title().' Enough.' : $step->title().' Not enough: a rung up.',
            at: $at,
        );
        if ($input->enough) {
            return;
        }
        $act->stays('A rung was added to the plan: change it there by hand.');
        $look = $step->toNeed()->step;
        foreach ($look->on as $place) {
            $step->piece()->terms()->climb(Ladder::of($look)->key($place));
        }
        $this->plan->plan($step->piece(), $person);
    }
}
