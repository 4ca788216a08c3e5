<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Person;

/** What a customer hands in: one or more pieces and a promised date. */
#[ORM\Entity]
#[ORM\Table(name: 'ticket')]
#[ORM\Index(columns: ['promised_at'])]
#[ORM\Index(columns: ['customer'])]
#[ORM\Index(columns: ['rush'])]
class Ticket
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** @var Collection<int, StoredPiece> */
    #[ORM\OneToMany(targetEntity: StoredPiece::class, mappedBy: 'ticket', cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $pieces;

    /** When the owner was last told that something is ready. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $toldAt = null;

    /** It is taken before everything else. */
    #[ORM\Column]
    private bool $rush = false;

    /** the workshop where that was, when it was not here */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    private string $elsewhere = '';

    public function __construct(
        #[ORM\Column(length: 120)]
        private string $customer,
        #[ORM\Column(length: 160)]
        private string $contact,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $promisedAt,
        #[ORM\Column(length: 1000)]
        private string $wish,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $openedAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $openedBy,
        /** Somebody has said that day to the owner; until then it is only reckoned with. */
        #[ORM\Column(options: ['default' => true])]
        private bool $promised,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Owner $owner,
    ) {
        $this->pieces = new ArrayCollection();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function add(StoredPiece $piece): void
    {
        $this->pieces->add($piece);
    }

    public function contact(): string
    {
        return $this->contact;
    }

    public function owner(): Owner
    {
        return $this->owner;
    }

    public function isOf(Owner $owner): void
    {
        $this->owner = $owner;
    }

    public function correct(string $customer, string $contact, string $wish): void
    {
        [$this->customer, $this->contact, $this->wish] = [$customer, $contact, $wish];
    }

    /** Of what is written on it, for who corrects it: another when somebody else has. */
    public function seen(): string
    {
        return self::seenAs($this->customer, $this->contact, $this->wish, ...array_merge(...array_map(
            static fn (StoredPiece $p): array => [$p->name(), $p->kind()->value, (string) $p->size()->eu, (string) $p->size()->mm],
            $this->pieces(),
        )));
    }

    public static function seenAs(string ...$words): string
    {
        return substr(hash('sha256', implode("\n", $words)), 0, 16);
    }

    public function told(\DateTimeImmutable $at): void
    {
        $this->toldAt = $at;
    }

    public function customer(): string
    {
        return $this->customer;
    }

    public function promisedAt(): \DateTimeImmutable
    {
        return $this->promisedAt;
    }

    public function isRush(): bool
    {
        return $this->rush;
    }

    public function isPromised(): bool
    {
        return $this->promised;
    }

    public function wish(): string
    {
        return $this->wish;
    }

    public function promise(\DateTimeImmutable $at, bool $rush): void
    {
        $this->promisedAt = $at;
        $this->rush = $rush;
        $this->promised = true;
    }

    /**
     * Some of its pieces, all of which have to be here.
     *
     * @param list<int> $ids
     *
     * @return list<StoredPiece>
     *
     * @throws Refused
     */
    public function these(array $ids): array
    {
        $pieces = array_values(array_filter($this->pieces(), static fn (StoredPiece $p): bool => \in_array($p->id(), $ids, true)));
        if (\count($pieces) < \count(array_unique($ids))) {
            throw Refused::now('One of these does not belong to this ticket.');
        }
        foreach ($pieces as $piece) {
            if ($piece->isCollected()) {
                throw Refused::stale(\sprintf('“%s” has been %s already.', $piece->name(), $piece->isCalledOff() ? 'called off' : 'collected'));
            }
        }

        return $pieces;
    }

    /** @return list<StoredPiece> */
    public function pieces(): array
    {
        return array_values($this->pieces->toArray());
    }
}
