<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class ThrowPotInput
{
    public function __construct(
        public int $version,
        #[Assert\NotBlank(message: 'Say why.'), Assert\Length(max: 250, maxMessage: 'Keep it under 250 letters.')]
        public string $why,
    ) {
    }
}
