<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Settings\Gear;
use KindHeel\Core\Product\Station;
use Symfony\Component\Validator\Constraints as Assert;

/** How many pieces a station takes at once, or how many there are of a gear. */
final readonly class StationInput
{
    public function __construct(
        #[Assert\Choice(callback: [self::class, 'known'], message: 'There is no such station.')]
        public string $station,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between one and ninety-nine.')]
        public int $places,
        /** of the settings as they were seen */
        public string $version,
    ) {
    }

    /** @return list<string> */
    public static function known(): array
    {
        return [...array_column(Station::cases(), 'value'), ...array_column(Gear::cases(), 'value')];
    }
}
