<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** No request of the API needs more than a quarter of a megabyte, but for a picture: that says itself how much is too much. */
#[AsEventListener(priority: 200)]
final class BodyLimit
{
    private const BYTES = 262_144;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (str_ends_with($request->getPathInfo(), '/pictures')) {
            return;
        }
        if ((int) $request->headers->get('Content-Length', '0') > self::BYTES || \strlen($request->getContent()) > self::BYTES) {
            $event->setResponse(ProblemDocument::response(413, 'That is more than can be taken in at once. Nothing was stored.'));
        }
    }
}
