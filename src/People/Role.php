<?php

declare(strict_types=1);

namespace KindHeel\App\People;

/** What a person of the workshop may do. Apprentice and counter are beside each other: a restorer may do what both may, an owner everything. */
enum Role: string
{
    case Owner = 'owner';
    case Restorer = 'restorer';
    case Apprentice = 'apprentice';
    case Counter = 'counter';

    public function securityRole(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }

    /** Plans, and goes on with a word why where the rules say no. */
    public function plans(): bool
    {
        return self::Owner === $this || self::Restorer === $this;
    }

    /** Takes in and gives out, speaks with owners. */
    public function receives(): bool
    {
        return self::Apprentice !== $this;
    }

    /** Is at the bench, and counted as a pair of hands. */
    public function works(): bool
    {
        return self::Counter !== $this;
    }
}
