<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\DryingPlace;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading that somebody typed. */
final readonly class AirInput
{
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'A workshop is between 0 and 45 °C.', min: 0, max: 45)]
        public float $tempC,
        #[Assert\Range(notInRangeMessage: 'Humidity lies between 5 and 100 %.', min: 5, max: 100)]
        public float $humidity,
        #[Assert\Range(notInRangeMessage: 'Air moves at 0 to 5 m/s.', min: 0, max: 5)]
        public float $speedMs = 0.1,
        /** bench, rack, booth or box; none for the whole room */
        public ?DryingPlace $place = null,
    ) {
    }
}
