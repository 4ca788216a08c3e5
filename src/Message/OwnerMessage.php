<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\ReachedBy;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;

/** Something an owner is told: by e-mail, as a letter, or read out on the telephone. */
#[ORM\Entity]
#[ORM\Table(name: 'message')]
#[ORM\Index(columns: ['state', 'not_before'])]
class OwnerMessage
{
    /** Minutes until it is tried again, after the first time, the second … */
    private const PAUSES = [5, 30, 120, 720];

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private MessageState $state = MessageState::Waiting;

    #[ORM\Column]
    private int $tries = 0;

    /** Why it did not go, the last time. */
    #[ORM\Column(length: 300)]
    private string $failure = '';

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    /** @var Collection<int, MessageAbout> */
    #[ORM\OneToMany(targetEntity: MessageAbout::class, mappedBy: 'message', cascade: ['persist'], orphanRemoval: true)]
    private Collection $about;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Owner $owner,
        #[ORM\Column(length: 10)]
        private Occasion $occasion,
        #[ORM\Column(length: 10)]
        private ReachedBy $byWay,
        /** the address or number it goes to */
        #[ORM\Column(length: 200)]
        private string $goesTo,
        #[ORM\Column(length: 200)]
        private string $subject,
        #[ORM\Column(length: 6000)]
        private string $body,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $writtenAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $writtenBy,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $notBefore,
        #[ORM\ManyToOne]
        private ?Ticket $ticket = null,
    ) {
        $this->about = new ArrayCollection();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function tells(MessageAbout $about): void
    {
        $this->about->add($about);
    }

    public function owner(): Owner
    {
        return $this->owner;
    }

    public function occasion(): Occasion
    {
        return $this->occasion;
    }

    public function state(): MessageState
    {
        return $this->state;
    }

    public function goesTo(): string
    {
        return $this->goesTo;
    }

    public function subject(): string
    {
        return $this->subject;
    }

    public function body(): string
    {
        return $this->body;
    }

    public function writtenBy(): Person
    {
        return $this->writtenBy;
    }

    public function ticket(): ?Ticket
    {
        return $this->ticket;
    }

    public function byWay(): ReachedBy
    {
        return $this->byWay;
    }

    public function went(\DateTimeImmutable $at): void
    {
        $this->state = MessageState::Sent;
        $this->failure = '';
        $this->endedAt = $at;
    }

    /** It did not go: after a pause that grows it is tried again, and in the end somebody has to look. */
    public function didNotGo(string $why, \DateTimeImmutable $at): void
    {
        $this->failure = mb_substr($why, 0, 300);
        $pause = self::PAUSES[$this->tries] ?? null;
        ++$this->tries;
        $this->state = null === $pause ? MessageState::Failed : MessageState::Waiting;
        $this->notBefore = null === $pause ? $this->notBefore : $at->modify("+$pause minutes");
        $this->endedAt = null === $pause ? $at : null;
    }

    /** Trying again would not help. */
    public function cannotGo(string $why, \DateTimeImmutable $at): void
    {
        $this->state = MessageState::Failed;
        $this->failure = $why;
        $this->endedAt = $at;
    }

    /** They have said meanwhile that they do not want it. */
    public function notWanted(\DateTimeImmutable $at): void
    {
        $this->state = MessageState::Stopped;
        $this->failure = 'They do not want to be reminded any more.';
        $this->endedAt = $at;
        $this->about->clear();
    }

    /** Whether it went is not known; so that nobody is told twice it is not sent again by itself. */
    public function isUnsure(\DateTimeImmutable $at): void
    {
        $this->cannotGo('It was cut off while it was being sent: it may have gone or not.', $at);
    }

    /**
     * To where they are reached now: a wrong address has been put right meanwhile.
     *
     * @throws Refused
     */
    public function again(\DateTimeImmutable $notBefore): void
    {
        if (MessageState::Failed !== $this->state) {
            throw Refused::now('Only what did not go is sent again.');
        }
        [$this->byWay, $this->goesTo] = $this->owner->way() ?? [$this->byWay, $this->goesTo];
        $this->state = MessageState::Waiting;
        $this->tries = 0;
        $this->notBefore = $notBefore;
        $this->endedAt = null;
    }

    /**
     * What it told of may be told by another.
     *
     * @throws Refused
     */
    public function stop(\DateTimeImmutable $at): void
    {
        if (!\in_array($this->state, [MessageState::Waiting, MessageState::Failed], true)) {
            throw Refused::now('It has gone already.');
        }
        $this->state = MessageState::Stopped;
        $this->endedAt = $at;
        $this->about->clear();
    }
}
