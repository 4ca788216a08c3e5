<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class ProductInput
{
    public const USUAL_LEAD_DAYS = 7;
    private const MOST = 1_000_000;

    public function __construct(
        #[Assert\NotBlank(message: 'What do you call it?', normalizer: 'trim')]
        #[Assert\Length(max: 80, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $name,
        public ?FamilyId $family = null,
        public ?Shade $shade = null,
        public Unit $unit = Unit::Millilitre,
        #[Assert\GreaterThan(0, message: 'A pack holds more than nothing.')]
        #[Assert\LessThanOrEqual(self::MOST, message: 'No pack is that large.')]
        public float $pack = 100.0,
        #[Assert\Range(notInRangeMessage: 'A price is nothing or more, and below a million.', min: 0, max: 100_000_000)]
        public ?int $packCents = null,
        #[Assert\Length(max: 80, maxMessage: 'A supplier of {{ limit }} letters is enough.')]
        public string $supplier = '',
        #[Assert\Range(notInRangeMessage: 'It takes from none to 365 days to come.', min: 0, max: 365)]
        public int $leadDays = self::USUAL_LEAD_DAYS,
        #[Assert\Range(notInRangeMessage: 'A millilitre weighs between 0.3 and 5 g.', min: 0.3, max: 5)]
        public float $densityGPerMl = 1.0,
        #[Assert\Range(notInRangeMessage: 'An empty pack weighs from nothing to 100 kg.', min: 0, max: 100_000)]
        public ?float $emptyPackG = null,
        /** parts to one of product, for use; null: as its family is used */
        #[Assert\Range(notInRangeMessage: 'It is thinned with up to 200 parts of water.', min: 0, max: 200)]
        public ?float $water = null,
        #[Assert\Length(max: 200, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $notOn = '',
        #[Assert\Range(notInRangeMessage: 'Opened it keeps from 1 to 240 months.', min: 1, max: 240)]
        public ?int $openedMonths = null,
        public bool $retired = false,
        /** of what was looked at; 0 for what is new */
        public int $version = 0,
    ) {
    }
}
