<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Database\Row;
use KindHeel\App\People\AccountNotes;
use KindHeel\App\People\Member;
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
        private Connection $connection,
        private AccountNotes $notes,
        private string $workshopTimezone,
        private string $beginWord,
    ) {
    }

    public function of(?Member $member): SessionView
    {
        return new SessionView(
            null === $member ? null : new PersonView(
                $member->id,
                $member->name,
                $member->role,
                $member->role->plans(),
                $member->role->plans(),
                $member->role->receives(),
                $member->role->works(),
                $member->oneTime,
                $member->oneTime ? [] : $this->notes->unseen($member->id),
            ),
            // Nobody needs one to sign in, and a visit alone keeps nothing.
            null === $member ? '' : $this->tokens->getToken(CsrfGuard::ID)->getValue(),
            $this->workshopTimezone,
            $this->clock->now()->format(\DATE_RFC3339_EXTENDED),
            $this->settings->alarm(),
            $this->demo->isDemo(),
            null === $member || $member->oneTime ? null : $this->settings->identity(),
            null === $member && '' !== $this->beginWord && null === Row::first($this->connection, 'SELECT id FROM person LIMIT 1'),
        );
    }
}
