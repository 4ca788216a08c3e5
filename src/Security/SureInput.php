<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Validator\Constraints as Assert;

/** The password once more, before something that matters. */
final readonly class SureInput
{
    public function __construct(
        #[Assert\Length(max: 200)]
        public string $password,
        /** the digits of their app, where they have one */
        #[Assert\Length(max: 12)]
        public string $code = '',
    ) {
    }
}
