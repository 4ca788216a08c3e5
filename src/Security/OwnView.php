<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\People\Role;
use KindHeel\App\People\SignInView;

/** How somebody signs in, and where they are signed in. */
final readonly class OwnView
{
    /** @param list<SignInView> $signIns */
    public function __construct(
        public string $login,
        public string $name,
        public Role $role,
        /** has a short number to take over a shared tablet */
        public bool $hasPin,
        public bool $hasSecondFactor,
        public array $signIns,
    ) {
    }
}
