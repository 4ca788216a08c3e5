<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Settings\Alarm;
use KindHeel\App\Settings\IdentityView;

/** Who is signed in, and what a client needs to talk to the API. */
final readonly class SessionView
{
    public function __construct(
        public ?PersonView $person,
        public string $csrfToken,
        /** the workshop's zone, for times on screens */
        public string $timezone,
        public string $now,
        /** what is heard when something calls: bell, knock, chime or silent */
        public Alarm $alarm,
        /** it is the demo, whose time can be put forward */
        public bool $demo,
        /** for papers and hours; nobody else is told */
        public ?IdentityView $workshop,
        /** nobody works here yet: its first page asks whose workshop it is */
        public bool $empty = false,
    ) {
    }
}
