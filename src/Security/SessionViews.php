<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\People\Member;
use KindHeel\App\People\Role;
use KindHeel\App\Settings\WorkshopSettings;
use Psr\Clock\ClockInterface;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

final readonly class SessionViews
{
    public function __construct(
        private CsrfTokenManagerInterface $tokens,
        private ClockInterface $clock,
        private WorkshopSettings $settings,
        private WorkshopClock $demo,
        private string $workshopTimezone,
    ) {
    }

    public function of(?Member $member): SessionView
    {
        $works = null !== $member && Role::Apprentice !== $member->role;

        return new SessionView(
            null === $member ? null : new PersonView($member->id, $member->name, $member->role, $works, $works),
            // Nobody needs one to sign in, and a visit alone keeps nothing.
            null === $member ? '' : $this->tokens->getToken(CsrfGuard::ID)->getValue(),
            $this->workshopTimezone,
            $this->clock->now()->format(\DATE_RFC3339_EXTENDED),
            $this->settings->alarm(),
            $this->demo->isDemo(),
            null === $member ? null : $this->settings->identity(),
        );
    }
}
