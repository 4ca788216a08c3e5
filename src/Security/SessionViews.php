<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use Psr\Clock\ClockInterface;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

final readonly class SessionViews
{
    public function __construct(private CsrfTokenManagerInterface $tokens, private ClockInterface $clock, private string $workshopTimezone)
    {
    }

    public function of(?Person $person): SessionView
    {
        $works = null !== $person && Role::Apprentice !== $person->role();

        return new SessionView(
            null === $person ? null : new PersonView($person->id(), $person->name(), $person->role()->value, $works, $works),
            $this->tokens->getToken(CsrfGuard::ID)->getValue(),
            $this->workshopTimezone,
            $this->clock->now()->format(\DATE_RFC3339_EXTENDED),
        );
    }
}
