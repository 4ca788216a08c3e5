<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use KindHeel\App\People\Role;

final readonly class StaffRowView
{
    public function __construct(
        public int $id,
        public string $login,
        public string $name,
        public Role $role,
        public int $version,
        /** the day they left */
        public ?string $leftOn,
        /** until when a word that was given for one sign-in opens */
        public ?string $wordUntil,
        /** when they were last seen signed in, to ten minutes */
        public ?string $seenAt,
        /** at so many places */
        public int $signedIn,
        public bool $hasSecondFactor,
        public bool $isYou,
    ) {
    }
}
