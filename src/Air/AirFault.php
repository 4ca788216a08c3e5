<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;

/** What is wrong with the instrument at a place, since when. */
#[ORM\Entity]
#[ORM\Table(name: 'air_fault')]
class AirFault
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 10)]
        private DryingPlace $place,
        #[ORM\Column(length: 10)]
        private SensorFault $fault,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $since,
    ) {
    }
}
