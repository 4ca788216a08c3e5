<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Validator\Constraints as Assert;

/** The secret that was shown, and the first digits that an app has made of it. */
final readonly class SecondFactorInput
{
    public function __construct(
        #[Assert\Regex('/^[A-Z2-7]{32}$/D', message: 'This is not the secret that was shown.')]
        public string $secret,
        #[Assert\Length(max: 12)]
        public string $code,
    ) {
    }
}
