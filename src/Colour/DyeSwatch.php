<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\Core\Product\Applicator;

/** A real swatch of dye: what it teaches about an applicator. */
#[ORM\Entity]
#[ORM\Table(name: 'dye_swatch')]
class DyeSwatch
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** @param float $uptake in unit coats, as it was read */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Product $dye,
        #[ORM\Column]
        private int $thinner,
        #[ORM\Column]
        private int $coats,
        #[ORM\Column(length: 20)]
        private Applicator $applicator,
        #[ORM\Column]
        private float $uptake,
        #[ORM\Column]
        private float $factor,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
