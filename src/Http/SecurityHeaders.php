<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** What every answer tells the browser about what it may do with it. */
#[AsEventListener(priority: -100)]
final readonly class SecurityHeaders
{
    /** Styles that Vue sets on an element go through the CSSOM and need no `unsafe-inline`. */
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data: blob:; "
        ."connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public function __construct(private FrontEnd $frontEnd)
    {
    }

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(self), microphone=(), geolocation=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        if (str_starts_with($event->getRequest()->getPathInfo(), '/api') && !$headers->hasCacheControlDirective('immutable')) {
            $headers->set('Cache-Control', 'no-store, private');
        }
        if ($headers->has('Content-Type') && str_contains((string) $headers->get('Content-Type'), 'json')) {
            // A page that was kept on a device sees that it is older than what answers it.
            $headers->set('X-Kind-Heel-Build', $this->frontEnd->build());
        }
        $headers->remove('X-Powered-By');
    }
}
