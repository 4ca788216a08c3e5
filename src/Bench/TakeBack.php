<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\PotCoats;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Reason;
use KindHeel\App\Plan\RedrawPlan;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Rework;

/**
 * The last thing done to a step is as if it had not been done: one's own for as long as nothing rests on it, all else with a reason. What was learned from it
 * is set aside, and the ledger keeps both lines.
 */
final readonly class TakeBack
{
    public function __construct(
        private AtHand $atHand,
        private Acts $acts,
        private Steps $steps,
        private RedrawPlan $redraw,
        private Ledger $ledger,
        private EntityManagerInterface $entities,
        private Takings $takings,
        private PotCoats $pots,
    ) {
    }

    /** @throws Refused when there is nothing to take back, or something stands in its way */
    public function __invoke(int $id, StepInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        $act = $this->acts->last($step) ?? throw Refused::now('There is nothing here to take back.');
        if (null !== $act->whyItStays()) {
            throw Refused::now($act->whyItStays());
        }
        $this->mustBeHere($step);
        $why = $this->inTheWay($step, $act, $person);
        if (null !== $why) {
            Reason::orRefuse($why, $input->why, $person);
        }
        $by = $this->entities->find(Person::class, $act->before()['startedBy'] ?? 0);
        $step->restore($act->before(), $by);
        if ($step->isRunning() && null !== $by) {
            $this->setDownIfBusy($step, $by, $act->at());
        }
        if (Event::Spoiled === $act->event()) {
            $this->redraw->redraw($step->piece(), static fn (Rework $r): Rework => $r->notLaidAgain($step->key(), $act->broughtIn()), '');
        }
        if (Action::HandOver === $step->action()) {
            $step->piece()->isHereAgain();
        }
        if (Event::Done === $act->event() || Event::Spoiled === $act->event() && $step->isRunning()) {
            $this->takings->back($step);
            $this->pots->takenBack($step);
        }
        $act->takeBack();
        $word = trim($input->why ?? '');
        $this->ledger->step(
            Event::TakenBack,
            $step,
            $person,
            \sprintf('%s: %s.%s', $step->title(), self::told($act->event()), '' === $word ? '' : ' '.$word),
            at: $this->atHand->moment($input->at),
        );
    }

    /** @throws Refused for a piece that was collected, and for a step of one that is done */
    private function mustBeHere(StoredStep $step): void
    {
        $piece = $step->piece();
        if ($piece->isCollected()) {
            throw Refused::now(\sprintf('“%s” has been collected.', $piece->name()));
        }
        if ($piece->isReady() && Action::HandOver !== $step->action()) {
            throw Refused::now(\sprintf('“%s” is done. Take that back first.', $piece->name()));
        }
    }

    /** Why it takes a reason to take it back; null when it takes none. */
    private function inTheWay(StoredStep $step, StepAct $act, Person $person): ?string
    {
        if (Event::Spoiled === $act->event()) {
            foreach ($step->piece()->steps() as $other) {
                if (!$other->isOpen() && \in_array($other->key(), $act->broughtIn(), true)) {
                    throw Refused::now(\sprintf('“%s” has been begun to mend it.', $other->title()));
                }
            }
        }
        foreach (Event::Started === $act->event() ? [] : $this->atHand->job($step)->tasks as $task) {
            foreach ($task->after as $bond) {
                if ($bond->step === $step->key() && ($task->running || null !== $task->doneAt)) {
                    return \sprintf('“%s” rests on it.', $task->title);
                }
            }
        }

        return $act->person()->id() === $person->id() ? null : \sprintf('%s did this.', $act->person()->name());
    }

    /** Who is at something else by now goes on with it later; the minutes so far count. */
    private function setDownIfBusy(StoredStep $step, Person $by, \DateTimeImmutable $at): void
    {
        $busy = $this->steps->under($by->id());
        if (null !== $busy && $busy->id !== $step->id()) {
            $step->interrupt($at);
        }
    }

    private static function told(Event $event): string
    {
        return match ($event) {
            Event::Started => 'it had not been begun',
            Event::Done => 'it had not been ended',
            Event::GatePassed => 'it had not passed its test',
            Event::GateNotYet => 'it had not been tested',
            Event::Spoiled => 'it is not spoiled',
            Event::TakenOver => 'it had not been handed on',
            Event::Interrupted => 'it had not been broken off',
            Event::PutDown => 'it had not been put down',
            Event::Again => 'it is not done again',
            default => 'it had not been done',
        };
    }
}
