<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Validator\Constraints as Assert;

/** A password of one’s own, in place of the one before or of an owner’s word. */
final readonly class NewPasswordInput
{
    public function __construct(
        #[Assert\Length(max: 200)]
        public string $password,
        /** the one before; not asked for after an owner’s word */
        #[Assert\Length(max: 200)]
        public string $was = '',
    ) {
    }
}
