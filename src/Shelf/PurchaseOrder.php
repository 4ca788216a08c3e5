<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** Packs of a product that are on their way. */
#[ORM\Entity]
#[ORM\Table(name: 'purchase_order')]
#[ORM\Index(columns: ['received_at'])]
class PurchaseOrder
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $receivedAt = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Product $product,
        #[ORM\Column]
        private int $packs,
        #[ORM\Column]
        private \DateTimeImmutable $orderedAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function product(): Product
    {
        return $this->product;
    }

    public function packs(): int
    {
        return $this->packs;
    }

    public function orderedAt(): \DateTimeImmutable
    {
        return $this->orderedAt;
    }

    public function by(): Person
    {
        return $this->by;
    }

    public function isReceived(): bool
    {
        return null !== $this->receivedAt;
    }

    public function receive(\DateTimeImmutable $at): void
    {
        $this->receivedAt = $at;
    }
}
