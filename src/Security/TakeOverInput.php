<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Validator\Constraints as Assert;

/** Who takes this tablet over. */
final readonly class TakeOverInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 999_999_999)]
        public int $person,
        #[Assert\Length(max: 12)]
        public string $pin,
    ) {
    }
}
