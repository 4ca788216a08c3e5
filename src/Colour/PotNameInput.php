<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class PotNameInput
{
    public function __construct(
        public int $version,
        #[Assert\NotBlank(message: 'Give the pot a name.'), Assert\Length(max: 120, maxMessage: 'Keep the name under 120 letters.')]
        public string $name,
    ) {
    }
}
