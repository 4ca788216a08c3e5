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
    public function __construct(private readonly int $seconds)
    {
        parent::__construct(\sprintf(
            'That did not work too many times. Try again in %s.',
            $seconds < 120 ? $seconds.' seconds' : intdiv($seconds, 60).' minutes',
        ));
    }

    public function problem(): JsonResponse
    {
        $response = ProblemDocument::response(429, $this->getMessageKey());
        $response->headers->set('Retry-After', (string) $this->seconds);

        return $response;
    }
}
