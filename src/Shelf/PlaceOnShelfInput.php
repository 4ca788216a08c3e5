<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class PlaceOnShelfInput
{
    public function __construct(
        #[Assert\Length(max: 60, maxMessage: 'A place of {{ limit }} letters is enough.')]
        public string $place,
    ) {
    }
}
