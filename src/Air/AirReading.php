<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;

/** The air at a place of the workshop from a moment on. */
#[ORM\Entity]
#[ORM\Table(name: 'air_reading')]
#[ORM\Index(columns: ['at'])]
#[ORM\Index(columns: ['place', 'at'])]
class AirReading
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column]
    private float $tempC;

    #[ORM\Column]
    private float $rh;

    #[ORM\Column]
    private float $speedMs;

    public function __construct(
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        Air $air,
        #[ORM\Column(length: 12)]
        private AirSource $source,
        #[ORM\Column(length: 10)]
        private DryingPlace $place = DryingPlace::Bench,
    ) {
        $this->tempC = $air->tempC;
        $this->rh = $air->rh;
        $this->speedMs = $air->speedMs;
    }
}
