<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use KindHeel\App\People\Role;
use Symfony\Component\Validator\Constraints as Assert;

/** Somebody who works here, as an owner writes them down. */
final readonly class PersonInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'A name has 1 to 80 letters.')]
        #[Assert\Regex('/^(?=.*\S)[^\p{C}]{1,80}$/Du', message: 'A name has 1 to 80 letters.')]
        public string $name,
        #[Assert\NotBlank(message: 'Write 2 to 40 letters, digits, dots or dashes, without a space.')]
        #[Assert\Regex('/^[\p{L}\p{N}._-]{2,40}$/Du', message: 'Write 2 to 40 letters, digits, dots or dashes, without a space.')]
        public string $login,
        public Role $role,
        /** as it was seen; 0 for somebody new */
        public int $version = 0,
    ) {
    }
}
