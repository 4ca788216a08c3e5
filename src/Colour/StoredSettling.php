<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;

/** A place that something was laid on which darkens: from what it was before to what it comes back to (T-8, W-10). */
#[ORM\Entity]
#[ORM\Table(name: 'settling')]
#[ORM\Index(columns: ['family', 'material'])]
class StoredSettling
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private Half $half;

    #[ORM\Column(length: 30)]
    private PartName $part;

    /** Share of the change that stayed; null until it has come to rest. */
    #[ORM\Column(nullable: true)]
    private ?float $stayed = null;

    /** By how much it deepened the dye below it; null until it has come to rest, and where there is none. */
    #[ORM\Column(nullable: true)]
    private ?float $deepened = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        Place $place,
        #[ORM\Column(length: 20)]
        private Material $material,
        #[ORM\Column(length: 30)]
        private FamilyId $family,
        /** the dye that lies there, by its code on the shelf */
        #[ORM\Column(length: 40, nullable: true)]
        private ?string $dye,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Reading $before,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $laidAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
    ) {
        $this->half = $place->half;
        $this->part = $place->part;
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function piece(): StoredPiece
    {
        return $this->piece;
    }

    public function place(): Place
    {
        return new Place($this->part, $this->half);
    }

    public function material(): Material
    {
        return $this->material;
    }

    public function family(): FamilyId
    {
        return $this->family;
    }

    public function dye(): ?string
    {
        return $this->dye;
    }

    public function before(): Reading
    {
        return $this->before;
    }

    public function laidAt(): \DateTimeImmutable
    {
        return $this->laidAt;
    }

    public function by(): Person
    {
        return $this->by;
    }

    /** What became of it, once it hardly moves; nothing while it is on its way. */
    public function concludes(?float $stayed, ?float $deepened): void
    {
        [$this->stayed, $this->deepened] = [$stayed, $deepened];
    }
}
