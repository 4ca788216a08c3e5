<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\People\AccountNoteView;
use KindHeel\App\People\Role;

final readonly class PersonView
{
    /** @param list<AccountNoteView> $notes what they are told of how they sign in, until they have said that it was them */
    public function __construct(
        public int $id,
        public string $name,
        public Role $role,
        public bool $mayPlan,
        public bool $mayOverride,
        /** takes in, gives out, speaks with owners */
        public bool $mayReceive,
        /** is at the bench */
        public bool $works,
        /** came in by an owner’s word: first a password of their own */
        public bool $mustChange,
        public array $notes,
    ) {
    }
}
