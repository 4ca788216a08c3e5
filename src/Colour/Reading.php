<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\MeasuredSet;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;

/** A colour of a place on a piece, from one measurement or several; written once. */
#[ORM\Entity]
#[ORM\Table(name: 'reading')]
class Reading
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private Half $half;

    #[ORM\Column(length: 30)]
    private PartName $part;

    /** @var list<float>|null 31 bands; null where only the colour is known */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $spectrum;

    #[ORM\Column]
    private float $l;

    #[ORM\Column]
    private float $a;

    #[ORM\Column]
    private float $b;

    /** ΔE00 that it may be off */
    #[ORM\Column]
    private float $doubt;

    #[ORM\Column]
    private int $taken;

    /** @var list<array{float, float, float}> L*, a*, b* of those that were left out */
    #[ORM\Column(type: 'json')]
    private array $leftOut;

    /** @param non-empty-list<Spectrum|Lab> $measured */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        Place $place,
        #[ORM\Column(length: 10)]
        private ReadSpot $spot,
        #[ORM\Column(length: 120)]
        private string $whereabouts,
        #[ORM\Column(length: 10)]
        private Gloss $gloss,
        #[ORM\Column(length: 10)]
        private ReadingSource $source,
        array $measured,
        ?float $doubt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
        $this->half = $place->half;
        $this->part = $place->part;
        $set = MeasuredSet::of($measured);
        $this->spectrum = $set->spectrum?->values;
        $this->l = $set->lab->lightness;
        $this->a = $set->lab->a;
        $this->b = $set->lab->b;
        $this->taken = \count($measured);
        $this->leftOut = array_map(static function (int $i) use ($measured): array {
            $reading = $measured[$i];
            $lab = $reading instanceof Spectrum ? Light::daylight()->lab($reading) : $reading;

            return [$lab->lightness, $lab->a, $lab->b];
        }, $set->apart);
        $this->doubt = hypot($doubt ?? $source->doubt(), $set->spread / sqrt(max(1, $this->taken - \count($set->apart))));
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

    public function spot(): ReadSpot
    {
        return $this->spot;
    }

    public function gloss(): Gloss
    {
        return $this->gloss;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function lab(): Lab
    {
        return Lab::computed($this->l, $this->a, $this->b);
    }

    /** Measured, or the smoothest that has the colour. */
    public function spectrum(): Spectrum
    {
        return null === $this->spectrum ? SmoothestReflectance::of($this->lab(), Light::daylight()) : Spectrum::grid(array_map(floatval(...), $this->spectrum));
    }

    /** What lies under the gloss it was read with. */
    public function film(): Spectrum
    {
        return Sheen::moved($this->spectrum(), $this->gloss, Gloss::Mirror);
    }

    public function isMeasured(): bool
    {
        return null !== $this->spectrum;
    }
}
