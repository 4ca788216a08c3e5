<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use KindHeel\App\People\Member;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** What a sign-in is answered; a wrong name and a wrong password read alike. */
final readonly class SignInAnswer implements AuthenticationFailureHandlerInterface
{
    public function __construct(private SessionViews $views)
    {
    }

    /** After the session has got its new id and has forgotten the tokens of the old one. */
    #[AsEventListener(priority: -200)]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        $event->setResponse(Answer::of($this->views->of($user instanceof Member ? $user : null)));
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return $exception instanceof AnsweredError ? $exception->problem() : ProblemDocument::response(401, 'Name and password do not belong together.');
    }
}
