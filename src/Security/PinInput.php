<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Validator\Constraints as Assert;

/** A short number with which one takes over a shared tablet; none takes it away. */
final readonly class PinInput
{
    public function __construct(
        #[Assert\Length(max: 12)]
        public ?string $pin,
    ) {
    }
}
