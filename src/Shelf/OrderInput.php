<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

/** Packs of a product have been ordered. */
final readonly class OrderInput
{
    public function __construct(
        public int $product,
        #[Assert\Range(notInRangeMessage: 'Between one pack and a hundred.', min: 1, max: 100)]
        public int $packs,
    ) {
    }
}
