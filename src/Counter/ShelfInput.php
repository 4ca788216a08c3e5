<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** Where a piece stands on the ready shelf. */
final readonly class ShelfInput
{
    public function __construct(
        #[Assert\Length(max: 40, maxMessage: 'A shorter name for the place will do.')]
        public string $shelf,
    ) {
    }
}
