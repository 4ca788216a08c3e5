<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Colour\PotCoats;
use KindHeel\App\Drying\CoatForecasts;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Reason;
use KindHeel\App\Plan\Faults;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Schedule\StartRefusal;
use KindHeel\Core\Treatment\Action;

/** What hands do to a step: begin it, end it, break it off, hand it on, put it down. */
final readonly class WorkStep
{
    public function __construct(
        private AtHand $atHand,
        private Steps $steps,
        private Ledger $ledger,
        private CoatForecasts $forecasts,
        private Learning $learning,
        private GearInUse $gear,
        private Records $records,
        private Acts $acts,
        private Takings $takings,
        private PotCoats $pots,
    ) {
    }

    /** @throws Refused when it may not start now */
    public function start(int $id, StepInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        $at = $this->atHand->moment($input->at);
        if (!$step->isOpen()) {
            throw Refused::now('This step has been begun already.');
        }
        $this->mustBeFree($person, 'You are');
        $fault = Faults::stopping($step);
        if (null !== $fault) {
            throw Refused::now($fault.' Mend the plan first, or say there why it is done all the same.');
        }
        $refusal = $this->refusal($step, $at) ?? $this->gear->refusal($step);
        if (null !== $refusal) {
            Reason::orRefuse($refusal, $input->why, $person);
            $this->ledger->step(Event::Overridden, $step, $person, \sprintf('%s Gone on all the same: %s', $refusal, $input->why), at: $at);
        }
        $this->acts->keep($step, Event::Started, $person, $at);
        $step->start($at, $person);
        $this->ledger->step(Event::Started, $step, $person, $step->title(), at: $at);
    }

    public function done(int $id, StepInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if ($step->isLook() && $step->isRunning()) {
            throw Refused::now('Say what the look has shown: enough, or not enough.');
        }
        if (Action::Compare === $step->action() && $step->isRunning()) {
            throw Refused::now('Say how the other half goes on: the same, another way, or no further.');
        }
        if ($step->isRunning()) {
            $this->records->mustBeThere($step, $input->why, $person, $this->atHand->moment($input->at));
        }
        $this->end($step, $input, $person);
    }

    /** @throws Refused when it is not under way */
    public function end(StoredStep $step, StepInput $input, Person $person): StepAct
    {
        if (!$step->isRunning()) {
            throw Refused::now($step->isDone() ? 'This step has been ended already.' : 'This step has not been begun.');
        }
        $word = AtHand::forAnother($step, $input->why, $person);
        $began = $step->work()->startedAt() ?? $this->atHand->moment(null);
        $at = max($this->atHand->moment($input->at), $began);
        // Forgotten to be ended, it ended when it was really done: from there its coat dries.
        $at = null === $input->minutes ? $at : min($at, $began->modify(\sprintf('+%d minutes', $input->minutes)));
        $act = $this->acts->keep($step, Event::Done, $person, $at);
        $step->end($at);
        $this->forecasts->begin($step, $at);
        $this->takings->forStep($step, $input->amount, $input->lot, $person, $at);
        $this->pots->laidBy($step, $person, $at);
        $act->taught($this->learning->worked($step, $person));
        $this->ledger->step(Event::Done, $step, $person, $step->title().$word, $step->realMinutes(), $at);
        if (Action::HandOver === $step->action()) {
            $step->piece()->finish($at);
            $this->ledger->piece(Event::Finished, $step->piece(), $person, 'Ready: it waits on the ready shelf to be collected.');
        }

        return $act;
    }

    /** Something else comes between; the minutes so far count when it goes on. */
    public function interrupt(int $id, StepInput $input, Person $person): void
    {
        $step = $this->running($id, $input->version, 'Only a step that is under way can be interrupted.');
        $word = AtHand::forAnother($step, $input->why, $person);
        $at = $this->atHand->moment($input->at);
        $minutes = $step->work()->minutesSinceBegun($at);
        $this->acts->keep($step, Event::Interrupted, $person, $at);
        $step->interrupt($at);
        $this->ledger->step(Event::Interrupted, $step, $person, \sprintf('%s, after %d minutes.%s', $step->title(), $minutes, $word), at: $at);
    }

    /** A helper goes on with what somebody else has begun. */
    public function handOn(int $id, TakeOverInput $input, Person $to, Person $person): void
    {
        $step = $this->running($id, $input->version, 'Only a step that is under way can be handed on.');
        if ($step->startedBy()?->id() === $to->id()) {
            throw Refused::now(\sprintf('%s is at it already.', $to->name()));
        }
        $this->mustBeFree($to, $to->name().' is');
        $at = $this->atHand->moment(null);
        $from = $step->startedBy()?->name() ?? 'somebody';
        $minutes = $step->work()->minutesSinceBegun($at);
        $this->acts->keep($step, Event::TakenOver, $person, $at);
        $step->passTo($to, $at);
        $this->ledger->step(
            Event::TakenOver,
            $step,
            $person,
            \sprintf('%s: %s went on with it after %d minutes of %s.', $step->title(), $to->name(), $minutes, $from),
        );
        if ('' !== trim($input->note)) {
            $this->ledger->step(Event::Noted, $step, $person, trim($input->note));
        }
    }

    /** It was begun by mistake, before anything was laid. */
    public function putDown(int $id, StepInput $input, Person $person): void
    {
        $step = $this->running($id, $input->version, 'Only a step that is under way can be put down.');
        $word = AtHand::forAnother($step, $input->why, $person);
        $at = $this->atHand->moment($input->at);
        $this->acts->keep($step, Event::PutDown, $person, $at);
        $step->reopen();
        $this->ledger->step(Event::PutDown, $step, $person, $step->title().$word, at: $at);
    }

    private function running(int $id, int $version, string $otherwise): StoredStep
    {
        $step = $this->atHand->step($id, $version);

        return $step->isRunning() ? $step : throw Refused::now($otherwise);
    }

    /** @throws Refused when that person is at something else */
    private function mustBeFree(Person $person, string $who): void
    {
        $busy = $this->steps->under($person->id());
        if (null !== $busy) {
            throw Refused::now(\sprintf('%s still at “%s”. End that first, or put it down.', $who, $busy->title));
        }
    }

    private function refusal(StoredStep $step, \DateTimeImmutable $at): ?string
    {
        $local = $this->atHand->local($at);
        $job = $this->atHand->job($step);
        $task = $job->tasks[$step->key()];

        return StartRefusal::of($task, $job->readiness($task, $local), $local, $this->atHand->clock());
    }
}
