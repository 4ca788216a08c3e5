<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Stock\Candidate;
use KindHeel\Core\Stock\OpenedLife;

/** A product with what is there of it. */
final readonly class OnShelf
{
    /**
     * @param float|null              $water  parts to one of product, where it is thinned otherwise than its family
     * @param float                   $left   in its unit, in all lots that are not empty
     * @param bool                    $beyond more was taken from a lot than was thought to be in it
     * @param \DateTimeImmutable|null $opened when the oldest open lot was opened
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?FamilyId $family,
        public ProductKind $kind,
        public ?Shade $shade,
        public Unit $unit,
        public float $pack,
        public ?int $packCents,
        public string $supplier,
        public int $leadDays,
        public ?float $water,
        public string $hex,
        public bool $retired,
        public float $left,
        public bool $beyond,
        public int $lots,
        public ?\DateTimeImmutable $opened,
        public OpenedLife $life,
    ) {
    }

    public function candidate(): Candidate
    {
        return new Candidate($this->id, $this->shade, $this->retired, null !== $this->opened, $this->lots > 0);
    }

    public function dilution(): ?Dilution
    {
        return null === $this->water ? null : new Dilution(1.0, $this->water);
    }

    /** The oldest open lot has been open for longer than it keeps. */
    public function isOld(\DateTimeImmutable $now): bool
    {
        return null !== $this->opened && $this->life->isOver($this->opened, $now);
    }
}
