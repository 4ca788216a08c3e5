<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Learning\Evidence;
use KindHeel\App\Ledger\Event;
use KindHeel\App\People\Person;

/** What somebody did to a step, and how the step was before: so that it can be taken back. */
#[ORM\Entity]
#[ORM\Table(name: 'step_act')]
#[ORM\Index(columns: ['person_id', 'taken_back', 'at'])]
#[ORM\Index(columns: ['step_id', 'taken_back'])]
#[ORM\Index(columns: ['at'])]
class StepAct
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    #[ORM\Column]
    private bool $takenBack = false;
    /** Why it can no longer be taken back; null when it can. */
    #[ORM\Column(length: 120, nullable: true)]
    private ?string $stays = null;
    #[ORM\ManyToOne, ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    private ?Evidence $evidence = null;
    /** @var list<string> keys of the steps that it brought into the plan */
    #[ORM\Column(type: 'json')]
    private array $brought = [];

    /** @param array<string, mixed> $before as {@see StoredStep::snapshot()} gives it */
    public function __construct(
        /** no foreign key: its lock on the step would be in the way of the one who writes the step at the same moment */
        #[ORM\Column]
        private int $stepId,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $person,
        #[ORM\Column(length: 20)]
        private Event $event,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        #[ORM\Column(name: 'was', type: 'json')]
        private array $before,
    ) {
    }

    public function person(): Person
    {
        return $this->person;
    }

    public function event(): Event
    {
        return $this->event;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** @return array<string, mixed> */
    public function before(): array
    {
        return $this->before;
    }

    /** What was learned from it. */
    public function taught(?Evidence $evidence): self
    {
        $this->evidence = $evidence;

        return $this;
    }

    /** What was learned from it was wrong. */
    public function learnedAnew(?Evidence $evidence): void
    {
        $this->evidence?->setAside();
        $this->evidence = $evidence;
    }

    /** @param list<string> $keys */
    public function brought(array $keys): void
    {
        $this->brought = $keys;
    }

    /** @return list<string> */
    public function broughtIn(): array
    {
        return $this->brought;
    }

    public function stays(string $why): void
    {
        $this->stays = $why;
    }

    public function whyItStays(): ?string
    {
        return $this->stays;
    }

    public function takeBack(): void
    {
        $this->takenBack = true;
        $this->evidence?->setAside();
    }
}
