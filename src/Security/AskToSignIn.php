<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

final class AskToSignIn implements AuthenticationEntryPointInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ProblemDocument::response(401, 'Please sign in.');
    }
}
