<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;

#[ORM\Entity]
#[ORM\Table(name: 'piece_part')]
#[ORM\UniqueConstraint(columns: ['piece_id', 'half', 'part'])]
#[ORM\Index(columns: ['piece_id', 'half', 'part', 'shade'], name: 'drawn')]
class StoredPart
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private Half $half;

    #[ORM\Column(length: 30)]
    private PartName $part;

    #[ORM\Column(length: 30)]
    private Material $material;

    #[ORM\Column(length: 10)]
    private Certainty $certainty;

    #[ORM\Column(length: 10)]
    private Dryness $dryness;

    #[ORM\Column(length: 20)]
    private Shade $shade;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $flags;

    #[ORM\Column(nullable: true)]
    private ?float $areaDm2;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Aim $aim;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Gloss $gloss;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Patina $patina;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Shade $newShade;

    /** @var array{float, float, float}|null L*, a*, b* of it, where they are known */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $newColour = null;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $wishes;

    /** The restorer has said what it is, whatever trials say. */
    #[ORM\Column]
    private bool $overruled = false;

    /** Taken off the piece, and not yet put back (S-3). */
    #[ORM\Column]
    private bool $isOff = false;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'parts'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        Part $part,
    ) {
        $this->half = $part->at->half;
        $this->part = $part->at->part;
        $this->update($part);
    }

    public function piece(): StoredPiece
    {
        return $this->piece;
    }

    public function update(Part $part): void
    {
        $this->material = $part->material;
        $this->certainty = $part->certainty;
        $this->dryness = $part->dryness;
        $this->shade = $part->shade;
        $this->flags = array_map(static fn (Flag $f): string => $f->value, $part->flags);
        $this->areaDm2 = $part->areaDm2;
        $this->aim = $part->agreed?->aim;
        $this->gloss = $part->agreed?->gloss;
        $this->patina = $part->agreed?->patina;
        $this->newShade = $part->agreed?->newShade;
        $colour = $part->agreed?->newColour;
        $this->newColour = null === $colour ? null : [$colour->lightness, $colour->a, $colour->b];
        $this->wishes = array_map(static fn (Wish $w): string => $w->value, $part->wishes);
    }

    public function overrule(): void
    {
        $this->overruled = true;
    }

    public function isOverruled(): bool
    {
        return $this->overruled;
    }

    public function isOff(): bool
    {
        return $this->isOff;
    }

    public function takeOff(bool $off): void
    {
        $this->isOff = $off;
    }

    public function isAt(Place $place): bool
    {
        return $this->half === $place->half && $this->part === $place->part;
    }

    public function toCore(): Part
    {
        return new Part(
            new Place($this->part, $this->half),
            $this->material,
            $this->certainty,
            $this->dryness,
            $this->shade,
            array_map(Flag::from(...), $this->flags),
            $this->areaDm2,
            null === $this->aim || null === $this->gloss || null === $this->patina ? null : new Agreed(
                $this->aim,
                $this->gloss,
                $this->patina,
                $this->newShade,
                null === $this->newColour ? null : Lab::computed(...$this->newColour),
            ),
            array_map(Wish::from(...), $this->wishes),
        );
    }
}
