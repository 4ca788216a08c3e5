<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;

/** Something more that was found while working: told to the owner with its price, agreed to or declined, never silent. */
#[ORM\Entity]
#[ORM\Table(name: 'supplement')]
class Supplement
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    /** null while the owner has not answered */
    #[ORM\Column(nullable: true)]
    private ?bool $agreed = null;
    #[ORM\Column(length: 120)]
    private string $answeredBy = '';
    #[ORM\Column(length: 40)]
    private string $how = '';
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $answeredAt = null;
    /** @var list<list<array{int, int}>> */
    #[ORM\Column(type: 'json')]
    private array $strokes = [];

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column(length: 300)]
        private string $what,
        #[ORM\Column]
        private int $minutes,
        /** tax included, in hundredths */
        #[ORM\Column]
        private int $grossCents,
        #[ORM\Column(nullable: true)]
        private ?\DateTimeImmutable $readyAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function piece(): StoredPiece
    {
        return $this->piece;
    }

    public function what(): string
    {
        return $this->what;
    }

    public function grossCents(): int
    {
        return $this->grossCents;
    }

    public function isAnswered(): bool
    {
        return null !== $this->agreed;
    }

    public function isAgreed(): bool
    {
        return true === $this->agreed;
    }

    /** @param list<list<array{int, int}>> $strokes */
    public function answer(bool $agreed, string $by, string $how, array $strokes, \DateTimeImmutable $at): void
    {
        [$this->agreed, $this->answeredBy, $this->how, $this->strokes, $this->answeredAt] = [$agreed, $by, $how, $strokes, $at];
    }

    public function view(): SupplementView
    {
        return new SupplementView(
            $this->id(),
            $this->piece->id(),
            $this->what,
            $this->minutes,
            $this->grossCents,
            $this->readyAt?->format(\DATE_RFC3339),
            $this->at->format(\DATE_RFC3339),
            $this->by->name(),
            $this->agreed,
            $this->answeredBy,
            $this->how,
            $this->answeredAt?->format(\DATE_RFC3339),
        );
    }
}
