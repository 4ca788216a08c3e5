<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\Problem;
use KindHeel\App\People\Person;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;

/** What a sign-in is answered; a wrong name and a wrong password read alike. */
final readonly class SignInAnswer implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface
{
    public function __construct(private SessionViews $views)
    {
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $user = $token->getUser();

        return Answer::of($this->views->of($user instanceof Person ? $user : null));
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof TooManyTries) {
            $response = Problem::response(429, $exception->getMessageKey());
            $response->headers->set('Retry-After', (string) (60 * $exception->minutes));

            return $response;
        }

        return Problem::response(401, 'Name and password do not belong together.');
    }
}
