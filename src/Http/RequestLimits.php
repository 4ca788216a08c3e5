<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * What no request of the API may be: larger than a quarter of a megabyte, but for a picture, which says itself how much is too much; or with a character (NUL)
 * that neither a text nor a time can have.
 */
#[AsEventListener(priority: 200)]
final class RequestLimits
{
    private const BYTES = 262_144;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $picture = str_ends_with($request->getPathInfo(), '/pictures');
        if (!$picture && ((int) $request->headers->get('Content-Length', '0') > self::BYTES || \strlen($request->getContent()) > self::BYTES)) {
            $event->setResponse(ProblemDocument::response(413, 'That is more than can be taken in at once. Nothing was stored.'));
        } elseif (self::hasNul($request, $picture)) {
            $event->setResponse(ProblemDocument::response(422, 'There is a character in it that no text can have. Type it once more by hand.'));
        }
    }

    private static function hasNul(Request $request, bool $picture): bool
    {
        $fields = json_encode([$request->getPathInfo(), $request->query->all(), $request->request->all()], \JSON_PARTIAL_OUTPUT_ON_ERROR) ?: '';
        $content = $picture ? '' : $request->getContent();

        // In JSON a NUL is written \u0000, after a backslash that is not itself written with one.
        return str_contains(rawurldecode($request->getPathInfo()), "\0") || str_contains($content, "\0")
            || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\u0000/', $fields.$content);
    }
}
