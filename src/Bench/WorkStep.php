<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Plan\Faults;
use KindHeel\App\Plan\Jobs;
use KindHeel\App\Plan\StoredStep;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Patience;
use KindHeel\Core\Schedule\Refusal;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Family;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** What hands do to a step: begin it, end it, put it down, test its coat, do it again. */
final readonly class WorkStep
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private Ledger $ledger,
        private AirHistory $air,
        private Forecaster $forecaster,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    /** @throws Refused when it may not start now */
    public function start(int $id, int $version, ?string $why, Person $person): void
    {
        $step = $this->step($id, $version);
        if (!$step->isOpen()) {
            throw Refused::now('This step has been begun already.');
        }
        $busy = Row::first($this->connection, 'SELECT title FROM plan_step WHERE status = \'running\' AND started_by_id = ?', [$person->id()]);
        if (null !== $busy) {
            throw Refused::now(\sprintf('You are still at “%s”. End that first, or put it down.', $busy->text('title')));
        }
        $fault = Faults::stopping($step);
        if (null !== $fault) {
            throw Refused::now($fault.' Mend the plan first, or say there why it is done all the same.');
        }
        $refusal = $this->refusal($step);
        if (null !== $refusal) {
            $this->override($refusal, $why, $person);
            $this->ledger->step(Event::Overridden, $step, $person, \sprintf('%s Gone on all the same: %s', $refusal, $why));
        }
        $step->start($this->clock->now(), $person);
        $this->ledger->step(Event::Started, $step, $person, $step->title());
    }

    public function done(int $id, int $version, Person $person): void
    {
        $step = $this->step($id, $version);
        if (!$step->isRunning()) {
            throw Refused::now($step->isDone() ? 'This step has been ended already.' : 'This step has not been begun.');
        }
        $now = $this->clock->now();
        $step->end($now);
        $family = $step->dryingFamily();
        if (null !== $family) {
            $step->dries($this->forecaster->forecast(new Coat(Family::of($family)->drying, $now), $this->air->since($now)));
        }
        $this->ledger->step(Event::Done, $step, $person, $step->title(), $step->realMinutes());
        if (Action::HandOver === $step->action()) {
            $step->piece()->finish($now);
            $this->ledger->piece(Event::Finished, $step->piece(), $person, 'Handed over.');
        }
    }

    /** It was begun by mistake, or is broken off before anything was laid. */
    public function putDown(int $id, int $version, Person $person): void
    {
        $step = $this->step($id, $version);
        if (!$step->isRunning()) {
            throw Refused::now('Only a step that is under way can be put down.');
        }
        $step->reopen();
        $this->ledger->step(Event::PutDown, $step, $person, $step->title());
    }

    public function gate(int $id, int $version, bool $passed, ?string $why, Person $person): void
    {
        $step = $this->step($id, $version);
        if (!$step->isDone() || null === $step->gateFrom() || null !== $step->gatePassedAt()) {
            throw Refused::now(null === $step->gatePassedAt() ? 'There is nothing to test here.' : 'This coat has passed its test already.');
        }
        $now = $this->clock->now();
        $touch = $step->reaches(Stage::Touch);
        if ($passed && null !== $touch && $touch > $now) {
            $refusal = \sprintf('Not to be touched before %s: a finger would mark it.', $touch->modify('+59 seconds')->setTimezone(new \DateTimeZone($this->workshopTimezone))->format('H:i'));
            $this->override($refusal, $why, $person);
            $this->ledger->step(Event::Overridden, $step, $person, \sprintf('%s Tested all the same: %s', $refusal, $why));
        }
        if ($passed) {
            $step->passGate($now);
            $this->ledger->step(Event::GatePassed, $step, $person, \sprintf('%s: %s', $step->title(), $step->gate()));

            return;
        }
        $more = Patience::more($step->endedAt() ?? $now, $now);
        $forecast = $step->reaches($step->gateFrom());
        $overdue = null === $forecast ? 0 : max(0, (int) ceil(($now->getTimestamp() - $forecast->getTimestamp()) / 60));
        $step->waitLonger($more + $overdue);
        $this->ledger->step(Event::GateNotYet, $step, $person, \sprintf('%s: not yet, %d minutes more.', $step->title(), $more));
    }

    /** A step whose effect has been lost – a degreased edge after an hour – is opened once more. */
    public function again(int $id, int $version, Person $person): void
    {
        $step = $this->step($id, $version);
        if (!$step->isDone()) {
            throw Refused::now('Only what has been done can be done again.');
        }
        foreach ($this->job($step)->tasks as $task) {
            foreach ($task->after as $bond) {
                if ($bond->step === $step->key() && ($task->running || null !== $task->doneAt)) {
                    throw Refused::now(\sprintf('“%s” lies on it already.', $task->title));
                }
            }
        }
        $step->reopen();
        $this->ledger->step(Event::Again, $step, $person, $step->title());
    }

    private function refusal(StoredStep $step): ?string
    {
        $now = $this->clock->now()->setTimezone(new \DateTimeZone($this->workshopTimezone));
        $job = $this->job($step);
        $task = $job->tasks[$step->key()];

        return Refusal::of($task, $job->readiness($task, $now), $now);
    }

    private function job(StoredStep $step): Job
    {
        $piece = $step->piece();
        $rows = Row::all($this->connection, 'SELECT '.Jobs::COLUMNS.' FROM plan_step s WHERE s.piece_id = ? ORDER BY s.position', [$piece->id()]);

        return Jobs::of($piece->id(), $piece->ticket()->promisedAt(), $rows);
    }

    /** @throws Refused|AccessDeniedException unless there is a reason and the right to have one */
    private function override(string $refusal, ?string $why, Person $person): void
    {
        if (null === $why || '' === trim($why)) {
            throw Role::Apprentice === $person->role() ? Refused::now($refusal) : Refused::unlessOverridden($refusal);
        }
        if (Role::Apprentice === $person->role()) {
            throw new AccessDeniedException('An apprentice does not override.');
        }
    }

    private function step(int $id, int $version): StoredStep
    {
        $step = $this->entities->find(StoredStep::class, $id) ?? throw new NotFoundHttpException();
        if ($step->version() !== $version) {
            throw Refused::stale(match (true) {
                $step->isDone() => \sprintf('“%s” was ended at %s already.', $step->title(), $this->clockTime($step->endedAt())),
                $step->isRunning() => \sprintf('%s began “%s” at %s.', $step->startedBy()?->name() ?? 'Somebody', $step->title(), $this->clockTime($step->startedAt())),
                default => 'This step was changed meanwhile.',
            });
        }

        return $step;
    }

    private function clockTime(?\DateTimeImmutable $at): string
    {
        return $at?->setTimezone(new \DateTimeZone($this->workshopTimezone))->format('H:i') ?? '?';
    }
}
