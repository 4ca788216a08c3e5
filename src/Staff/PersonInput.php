<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use Symfony\Component\Validator\Constraints as Assert;

/** Somebody who works here, as an owner writes them down. */
final readonly class PersonInput
{
    public function __construct(
        #[Assert\NotBlank(message: Person::NAME_SAID)]
        #[Assert\Regex(Person::NAME, message: Person::NAME_SAID)]
        public string $name,
        #[Assert\NotBlank(message: Person::LOGIN_SAID)]
        #[Assert\Regex(Person::LOGIN, message: Person::LOGIN_SAID)]
        public string $login,
        public Role $role,
        /** as it was seen; 0 for somebody new */
        public int $version = 0,
    ) {
    }
}
