<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

/** A colour that was mixed once is mixed again for another place, in another amount, from its rest as far as that goes. */
final readonly class UseAgainInput
{
    /**
     * @param int|null $target the reading that it is to match; the old one's where none is named
     * @param bool     $rest   begin with what is left of it
     */
    public function __construct(
        public ?int $target,
        #[Assert\Range(min: 0.1, max: 10000, notInRangeMessage: 'Between 0.1 and 10 000 ml.')]
        public float $ml,
        public bool $rest = false,
    ) {
    }
}
