<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * Whatever changes something carries the token of its session in `X-CSRF-Token`, and comes from our own pages.
 *
 * Who is not signed in has no session that could be used behind their back: signing in is guarded by where the page comes from, and all else asks to sign in.
 * Runs before the firewall (8).
 */
#[AsEventListener(priority: 20)]
final readonly class CsrfGuard
{
    public const ID = 'api';
    private const OPEN = ['/api/sign-in', '/api/sign-out', '/api/begin'];

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe() || !str_starts_with($request->getPathInfo(), '/api')) {
            return;
        }
        $known = self::isSignedIn($request);
        $stopped = match (true) {
            self::isForeign($request) => self::stop(),
            !$known && !\in_array($request->getPathInfo(), self::OPEN, true) => ProblemDocument::response(401, 'Please sign in.'),
            $known && !$this->tokens->isTokenValid(new CsrfToken(self::ID, (string) $request->headers->get('X-CSRF-Token', ''))) => self::stop(),
            default => null,
        };
        if (null !== $stopped) {
            $event->setResponse($stopped);
        }
    }

    /** Whether a session of somebody comes with it; an ended one is nobody's. */
    public static function isSignedIn(Request $request): bool
    {
        return $request->hasPreviousSession() && $request->getSession()->has('_security_main');
    }

    private static function isForeign(Request $request): bool
    {
        $origin = $request->headers->get('Origin');

        return \in_array($request->headers->get('Sec-Fetch-Site'), ['cross-site', 'same-site'], true)
            || null !== $origin && parse_url($origin, \PHP_URL_HOST) !== $request->getHost();
    }

    private static function stop(): JsonResponse
    {
        return ProblemDocument::response(403, 'This page has been open too long, or the request came from elsewhere. Load it again.', 'csrf');
    }
}
