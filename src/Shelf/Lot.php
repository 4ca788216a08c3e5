<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\Mapping as ORM;

/** A pack of a product as it was bought. What is left of it is written by {@see Takings} alone, so that two who take at once are both booked. */
#[ORM\Entity]
#[ORM\Table(name: 'lot')]
#[ORM\Index(columns: ['product_id', 'emptied_at'])]
class Lot
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $openedAt = null;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $emptiedAt = null;
    /** in the unit of its product; below 0 where more was taken than was thought to be there */
    #[ORM\Column(name: 'left_amount', updatable: false)]
    private float $left;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Product $product,
        #[ORM\Column]
        private float $amount,
        #[ORM\Column]
        private \DateTimeImmutable $boughtAt,
        #[ORM\Column(length: 60)]
        private string $place = '',
        #[ORM\Column(length: 40)]
        private string $batch = '',
        #[ORM\Column(nullable: true)]
        private ?int $cents = null,
    ) {
        $this->left = $amount;
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function product(): Product
    {
        return $this->product;
    }

    public function amount(): float
    {
        return $this->amount;
    }

    public function boughtAt(): \DateTimeImmutable
    {
        return $this->boughtAt;
    }

    public function cents(): ?int
    {
        return $this->cents;
    }

    public function batch(): string
    {
        return $this->batch;
    }

    public function isEmptied(): bool
    {
        return null !== $this->emptiedAt;
    }

    public function isOpened(): bool
    {
        return null !== $this->openedAt;
    }

    public function open(\DateTimeImmutable $at): void
    {
        $this->openedAt ??= $at;
    }

    public function closeAgain(): void
    {
        $this->openedAt = null;
    }

    public function empty(\DateTimeImmutable $at): void
    {
        $this->emptiedAt = $at;
    }

    public function isBack(): void
    {
        $this->emptiedAt = null;
    }

    public function put(string $place): void
    {
        $this->place = trim($place);
    }
}
