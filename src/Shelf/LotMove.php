<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** A change of what is in a pack: bought, taken for a coat or a pot, settled by weighing, thrown away. */
#[ORM\Entity]
#[ORM\Table(name: 'lot_move')]
#[ORM\Index(columns: ['product_id', 'kind', 'at'])]
#[ORM\Index(columns: ['at'])]
#[ORM\Index(columns: ['step_id'])]
#[ORM\Index(columns: ['piece_id'])]
class LotMove
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    public function __construct(
        /** null where nothing of the product was on the shelf */
        #[ORM\ManyToOne]
        private ?Lot $lot,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Product $product,
        #[ORM\Column(length: 10)]
        private LotMoveKind $kind,
        /** in the unit of the product: below 0 what was taken */
        #[ORM\Column]
        private float $amount,
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\ManyToOne]
        private ?Person $by = null,
        /** no foreign keys: steps of a plan come and go, and what was taken stays taken */
        #[ORM\Column(nullable: true)]
        private ?int $pieceId = null,
        #[ORM\Column(nullable: true)]
        private ?int $stepId = null,
        #[ORM\Column(nullable: true)]
        private ?int $potId = null,
        #[ORM\Column(length: 200)]
        private string $note = '',
    ) {
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function lot(): ?Lot
    {
        return $this->lot;
    }

    public function product(): Product
    {
        return $this->product;
    }

    public function kind(): LotMoveKind
    {
        return $this->kind;
    }

    public function amount(): float
    {
        return $this->amount;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): ?Person
    {
        return $this->by;
    }

    public function pieceId(): ?int
    {
        return $this->pieceId;
    }

    public function stepId(): ?int
    {
        return $this->stepId;
    }

    public function potId(): ?int
    {
        return $this->potId;
    }

    public function note(): string
    {
        return $this->note;
    }
}
