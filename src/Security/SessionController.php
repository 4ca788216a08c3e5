<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\Answer;
use KindHeel\App\People\Member;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class SessionController
{
    public function __construct(private SessionViews $views)
    {
    }

    #[Route('/api/session', name: 'session', methods: ['GET'])]
    public function show(#[CurrentUser] ?Member $member): JsonResponse
    {
        return Answer::of($this->views->of($member));
    }

    #[Route('/api/sign-in', name: 'sign_in', methods: ['POST'])]
    public function signIn(): never
    {
        // The firewall answers what is JSON; a form comes as far as this.
        throw new UnsupportedMediaTypeHttpException();
    }

    #[Route('/api/sign-out', name: 'sign_out', methods: ['POST'])]
    public function signOut(): never
    {
        throw new \LogicException('The firewall answers this.');
    }
}
