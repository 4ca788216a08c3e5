<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Ledger\Event;
use KindHeel\App\People\Person;

/** Remembers how a step was before somebody did something to it. */
final readonly class Acts
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** Before it is done. */
    public function keep(StoredStep $step, Event $event, Person $person, \DateTimeImmutable $at): StepAct
    {
        $act = new StepAct($step->id(), $person, $event, $at, $step->snapshot());
        $this->entities->persist($act);

        return $act;
    }

    /** The one that ended a step, for as long as it is remembered. */
    public function lastEnd(StoredStep $step): ?StepAct
    {
        return $this->entities->getRepository(StepAct::class)->findOneBy(
            ['stepId' => $step->id(), 'takenBack' => false, 'event' => Event::Done],
            ['id' => 'DESC'],
        );
    }

    /** The newest of a step that has not been taken back. */
    public function last(StoredStep $step): ?StepAct
    {
        return $this->entities->getRepository(StepAct::class)->findOneBy(['stepId' => $step->id(), 'takenBack' => false], ['id' => 'DESC']);
    }
}
