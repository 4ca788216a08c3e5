<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\People\Role;

final readonly class PersonView
{
    public function __construct(
        public int $id,
        public string $name,
        /** owner, restorer or apprentice */
        public Role $role,
        public bool $mayPlan,
        public bool $mayOverride,
    ) {
    }
}
