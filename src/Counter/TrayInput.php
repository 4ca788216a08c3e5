<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\App\Job\PlaceInput;
use Symfony\Component\Validator\Constraints as Assert;

/** A part that lay apart, and goes home with its piece. */
final readonly class TrayInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 999_999_999)]
        public int $piece,
        #[Assert\Valid]
        public PlaceInput $at,
    ) {
    }
}
