<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use KindHeel\App\People\Role;

/** Everybody who works here, and who did. */
final readonly class StaffView
{
    /**
     * @param list<StaffRowView> $people who is here first
     * @param list<Role>         $roles
     */
    public function __construct(
        public array $people,
        public array $roles,
        /** an owner’s word with which somebody signs in once; shown now and never again */
        public ?string $word = null,
        public ?int $wordFor = null,
    ) {
    }
}
