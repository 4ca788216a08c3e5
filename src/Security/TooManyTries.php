<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;

/** Sign-in has failed too often from here. */
final class TooManyTries extends CustomUserMessageAuthenticationException implements AnsweredError
{
    public function __construct(private readonly int $minutes)
    {
        parent::__construct(\sprintf('That did not work too many times. Try again in %d minutes.', $minutes));
    }

    public function problem(): JsonResponse
    {
        $response = ProblemDocument::response(429, $this->getMessageKey());
        $response->headers->set('Retry-After', (string) (60 * $this->minutes));

        return $response;
    }
}
