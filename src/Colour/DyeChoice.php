<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\Applicator;

/** Washes that were chosen from the ladder for a part of a piece, on both halves alike. The latest speaks. */
#[ORM\Entity]
#[ORM\Table(name: 'dye_choice')]
class DyeChoice
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** @param list<array{dye: string, thinner: int, coats: int}> $washes from light to deep; none where it is left to the plan again */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column(length: 30)]
        private PartName $part,
        #[ORM\Column(type: 'json')]
        private array $washes,
        #[ORM\Column(length: 20)]
        private Applicator $applicator,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function part(): PartName
    {
        return $this->part;
    }

    public function applicator(): Applicator
    {
        return $this->applicator;
    }

    /** @return list<array{dye: string, thinner: int, coats: int}> */
    public function washes(): array
    {
        return $this->washes;
    }
}
