<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Pot\CountBy;
use Symfony\Component\Validator\Constraints as Assert;

/** More than drops: a measure or the scales, and drops after that. It needs no version, as drops need none. */
final readonly class PortionInput
{
    public function __construct(
        public string $code,
        public CountBy $by,
        #[Assert\Range(min: 0, max: 20000, notInRangeMessage: 'Between 0 and 20 000.')]
        public float $amount,
        #[Assert\Range(min: 0, max: 100, notInRangeMessage: 'No more than a hundred drops at a time.')]
        public int $drops = 0,
    ) {
    }
}
