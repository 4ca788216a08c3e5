<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** Why something is put back as it was. */
final readonly class WhyInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Say why, for who asks later.', normalizer: 'trim')]
        #[Assert\Length(max: 200, maxMessage: 'A shorter reason will do.')]
        public string $why,
    ) {
    }
}
