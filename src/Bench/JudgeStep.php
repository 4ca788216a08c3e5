<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Colour\PotCoats;
use KindHeel\App\Drying\CoatForecasts;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Reason;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\RetryDelay;

/** What is found of a step that was done: its test is passed or not yet, it is spoiled, it has to be done again. */
final readonly class JudgeStep
{
    public function __construct(
        private AtHand $atHand,
        private KeyCoat $key,
        private Ledger $ledger,
        private Learning $learning,
        private CoatForecasts $forecasts,
        private Acts $acts,
        private Takings $takings,
        private PotCoats $pots,
        private AirHistory $air,
    ) {
    }

    public function gate(int $id, GateInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if (!$step->isDone() || null === $step->gateFrom() || null !== $step->moments()->passedAt()) {
            throw Refused::now(null === $step->moments()->passedAt() ? 'There is nothing to test here.' : 'This coat has passed its test already.');
        }
        $passed = 'passed' === $input->answer;
        $at = $this->atHand->moment($input->at);
        $touch = $step->moments()->reaches(Stage::Touch);
        if ($passed && null !== $touch && $touch > $at) {
            $refusal = \sprintf('Not to be touched before %s: a finger would mark it.', $this->atHand->clockTime($touch->modify('+59 seconds')));
            Reason::orRefuse($refusal, $input->why, $person);
            $this->ledger->step(Event::Overridden, $step, $person, \sprintf('%s Tested all the same: %s', $refusal, $input->why), at: $at);
        }
        $act = $this->acts->keep($step, $passed ? Event::GatePassed : Event::GateNotYet, $person, $at);
        if ($passed) {
            $act->taught($this->learning->passed($step, $person, $at));
            $step->moments()->pass($at, $this->air->latest()?->air->rh);
            $this->ledger->step(Event::GatePassed, $step, $person, \sprintf('%s: %s', $step->title(), $step->words()->gate()), at: $at);

            return;
        }
        $more = RetryDelay::more($step->work()->endedAt() ?? $at, $at);
        $forecast = $step->moments()->reaches($step->gateFrom());
        $overdue = null === $forecast ? 0 : max(0, (int) ceil(($at->getTimestamp() - $forecast->getTimestamp()) / 60));
        $step->moments()->waitLonger($more + $overdue, $at);
        $this->ledger->step(Event::GateNotYet, $step, $person, \sprintf('%s: not yet, %d minutes more.', $step->title(), $more), at: $at);
    }

    /** A step whose effect has been lost – a degreased edge after an hour – is opened once more. */
    public function again(int $id, StepInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if (!$step->isDone()) {
            throw Refused::now('Only what has been done can be done again.');
        }
        $this->nothingMayLieOn($step);
        $this->acts->keep($step, Event::Again, $person, $this->atHand->moment($input->at));
        $step->reopen();
        $this->ledger->step(Event::Again, $step, $person, $step->title(), at: $this->atHand->moment($input->at));
    }

    /** It went wrong and is done once more. A coat stays until it is dry, and is keyed and wiped before it is laid anew, so that the next one holds. */
    public function spoiled(int $id, StepInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if ($step->isOpen()) {
            throw Refused::now('What has not been begun cannot be spoiled.');
        }
        if ($step->isSpoiled()) {
            throw Refused::now('It has been said already that this is spoiled.');
        }
        $this->nothingMayLieOn($step);
        AtHand::forAnother($step, $input->why, $person);
        $at = $this->atHand->moment($input->at);
        $minutes = $step->isDone() ? $step->realMinutes() : max(1, $step->work()->minutesSinceBegun($at));
        $act = $this->acts->keep($step, Event::Spoiled, $person, $at);
        // What was laid so far is gone from its pack all the same.
        $begun = $step->isRunning();
        $laid = $step->toNeed()->step->laysFilm();
        if (!$laid) {
            $step->reopen();
        } elseif ($step->isRunning()) {
            $step->end($at);
            $this->forecasts->begin($step, $at);
        }
        if ($begun) {
            $this->takings->forStep($step, null, null, $person, $at);
            $this->pots->laidBy($step, $person, $at);
        }
        $this->ledger->step(
            Event::Spoiled,
            $step,
            $person,
            \sprintf('%s%s', $step->title(), null === $input->why || '' === trim($input->why) ? '' : ': '.trim($input->why)),
            $minutes,
            $at,
        );
        if ($laid) {
            $step->spoil();
            $act->brought($this->key->layAgain($step));
        }
    }

    private function nothingMayLieOn(StoredStep $step): void
    {
        foreach ($this->atHand->job($step)->tasks as $task) {
            foreach ($task->after as $bond) {
                if ($bond->step === $step->key() && ($task->running || null !== $task->doneAt)) {
                    throw Refused::now(\sprintf('“%s” lies on it already.', $task->title));
                }
            }
        }
    }
}
