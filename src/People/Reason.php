<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use KindHeel\App\Http\Refused;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** What is refused may be done all the same with a word why, by whoever may say it. */
final class Reason
{
    /** @throws Refused|AccessDeniedException unless there is a reason and the right to have one */
    public static function orRefuse(string $refusal, ?string $why, Person $person): void
    {
        if (null === $why || '' === trim($why)) {
            throw $person->role()->plans() ? Refused::unlessOverridden($refusal) : Refused::now($refusal);
        }
        if (!$person->role()->plans()) {
            throw new AccessDeniedException('Only who plans overrides.');
        }
    }
}
