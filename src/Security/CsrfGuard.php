<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * Whatever changes something carries the token of its session in `X-CSRF-Token`, and comes from our own pages.
 *
 * Runs before the firewall (8), so that signing in is guarded as well.
 */
#[AsEventListener(priority: 20)]
final readonly class CsrfGuard
{
    public const ID = 'api';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe() || !str_starts_with($request->getPathInfo(), '/api')) {
            return;
        }
        $foreign = 'cross-site' === $request->headers->get('Sec-Fetch-Site');
        $token = (string) $request->headers->get('X-CSRF-Token', '');
        if ($foreign || !$this->tokens->isTokenValid(new CsrfToken(self::ID, $token))) {
            $event->setResponse(ProblemDocument::response(403, 'This page has been open too long, or the request came from elsewhere. Load it again.', 'csrf'));
        }
    }
}
