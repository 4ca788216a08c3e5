<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;

/** The password was right; the number of their app is still wanted, or it was not the right one. */
final class SecondFactorAsked extends CustomUserMessageAuthenticationException implements AnsweredError
{
    public function problem(): JsonResponse
    {
        return ProblemDocument::response(401, $this->getMessageKey(), 'second-factor');
    }
}
