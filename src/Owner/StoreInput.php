<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Symfony\Component\Validator\Constraints as Assert;

/** Where a piece is kept here for its owner; nowhere, once it is empty. */
final readonly class StoreInput
{
    public function __construct(
        public int $version,
        #[Assert\Length(max: 80, maxMessage: 'Keep this under 80 letters.')]
        public string $at,
        #[Assert\Date(message: 'A day, such as 2026-10-01.')]
        public ?string $until = null,
    ) {
    }
}
