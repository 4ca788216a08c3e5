<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

final readonly class PersonView
{
    public function __construct(
        public int $id,
        public string $name,
        /** owner, restorer or apprentice */
        public string $role,
        public bool $mayPlan,
        public bool $mayOverride,
    ) {
    }
}
