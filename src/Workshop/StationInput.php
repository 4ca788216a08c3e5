<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\Core\Treatment\Planning\Station;
use Symfony\Component\Validator\Constraints as Assert;

/** How many pieces a station takes at once. */
final readonly class StationInput
{
    public function __construct(
        public Station $station,
        #[Assert\Range(min: 1, max: 40, notInRangeMessage: 'Between one place and forty.')]
        public int $places,
    ) {
    }
}
