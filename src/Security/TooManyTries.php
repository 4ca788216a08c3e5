<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;

/** Sign-in has failed too often from here. */
final class TooManyTries extends CustomUserMessageAuthenticationException
{
    public function __construct(public readonly int $minutes)
    {
        parent::__construct(\sprintf('That did not work too many times. Try again in %d minutes.', $minutes));
    }
}
