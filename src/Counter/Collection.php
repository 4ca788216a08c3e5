<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;

/** Pieces of a ticket that went home together: who took them, and what was paid. */
#[ORM\Entity]
#[ORM\Table(name: 'collection')]
class Collection
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    /** @var list<int> */
    #[ORM\Column(type: 'json')]
    private array $pieces;

    /**
     * @param list<StoredPiece>           $pieces
     * @param list<list<array{int, int}>> $strokes the signature of who took them
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Ticket $ticket,
        array $pieces,
        #[ORM\Column(length: 120)]
        private string $takenBy,
        #[ORM\Column(length: 10)]
        private Paid $paid,
        #[ORM\Column(nullable: true)]
        private ?int $amountCents,
        #[ORM\Column(length: 40)]
        private string $how,
        #[ORM\Column(length: 400)]
        private string $note,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $person,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        /** @var list<list<array{int, int}>> */
        #[ORM\Column(type: 'json')]
        private array $strokes = [],
    ) {
        $this->pieces = array_map(static fn (StoredPiece $p): int => $p->id(), $pieces);
    }

    /** That it went home was a mistake. */
    public function without(StoredPiece $piece): void
    {
        $this->pieces = array_values(array_diff($this->pieces, [$piece->id()]));
    }
}
