<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Offer\Meaning;

/** Ways that were laid before an owner, as they were reckoned then, and which of them was taken. */
#[ORM\Entity]
#[ORM\Table(name: 'offer')]
class Offer
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    #[ORM\Column(length: 20, nullable: true)]
    private ?Aim $chosen = null;
    /** it is left as it is */
    #[ORM\Column(name: 'left_alone')]
    private bool $left = false;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $chosenAt = null;
    /** of the way that was taken, in hundredths */
    #[ORM\Column(nullable: true)]
    private ?int $grossCents = null;
    /** the same before tax */
    #[ORM\Column(nullable: true)]
    private ?int $netCents = null;
    #[ORM\Column(nullable: true)]
    private ?int $minutes = null;

    /** @param array<mixed> $ways as {@see WayView} is written */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column]
        private int $assessed,
        /** null: what is usual, before anybody had set anything */
        #[ORM\ManyToOne]
        private ?StoredPriceTerms $terms,
        #[ORM\Column(length: 10)]
        private Meaning $meaning,
        #[ORM\Column(type: 'json')]
        private array $ways,
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

    /** The piece is still as it was when this was reckoned; what an offer agrees on does not count. */
    public function isOutdated(): bool
    {
        return $this->piece->assessed() !== $this->assessed;
    }

    public function terms(): PriceTerms
    {
        return $this->terms?->terms() ?? new PriceTerms();
    }

    public function termsId(): int
    {
        return $this->terms?->id() ?? 0;
    }

    public function meaning(): Meaning
    {
        return $this->meaning;
    }

    /** @return array<mixed> */
    public function ways(): array
    {
        return $this->ways;
    }

    public function by(): Person
    {
        return $this->by;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function chosen(): ?Aim
    {
        return $this->chosen;
    }

    public function isLeft(): bool
    {
        return $this->left;
    }

    public function chosenAt(): ?\DateTimeImmutable
    {
        return $this->chosenAt;
    }

    public function grossCents(): ?int
    {
        return $this->grossCents;
    }

    /** One of its ways is taken, and the piece is as it was agreed by that. */
    public function take(WayView $way, \DateTimeImmutable $at): void
    {
        [$this->chosen, $this->left, $this->chosenAt] = [$way->aim, false, $at];
        [$this->grossCents, $this->netCents, $this->minutes] = [$way->gross, $way->net, $way->minutes];
        $this->assessed = $this->piece->assessed();
    }

    public function leave(\DateTimeImmutable $at): void
    {
        [$this->chosen, $this->left, $this->chosenAt] = [null, true, $at];
        [$this->grossCents, $this->netCents, $this->minutes] = [null, null, null];
    }

    public function minutes(): ?int
    {
        return $this->minutes;
    }
}
