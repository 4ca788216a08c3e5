<?php

declare(strict_types=1);

namespace KindHeel\App\People;

/** What a person of the workshop may do; each may do what the one below may. */
enum Role: string
{
    case Owner = 'owner';
    case Restorer = 'restorer';
    case Apprentice = 'apprentice';

    public function securityRole(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }
}
