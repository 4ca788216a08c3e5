<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * What no request of the API may be: larger than a quarter of a megabyte, but for a file, which says itself how much is too much; or with a
 * character that no text has: a control character other than a tab or a new line.
 */
#[AsEventListener(priority: 200)]
final class RequestLimits
{
    private const BYTES = 262_144;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $file = 1 === preg_match('~/(pictures|sheet|csv|archive|old-list)$~', $request->getPathInfo());
        if (!$file && ((int) $request->headers->get('Content-Length', '0') > self::BYTES || \strlen($request->getContent()) > self::BYTES)) {
            $event->setResponse(ProblemDocument::response(413, 'That is more than can be taken in at once. Nothing was stored.'));
        } elseif (self::hasControl($request, $file)) {
            $event->setResponse(ProblemDocument::response(422, 'There is a character in it that no text can have. Type it once more by hand.'));
        }
    }

    private static function hasControl(Request $request, bool $file): bool
    {
        $fields = json_encode([$request->query->all(), $request->request->all()], \JSON_PARTIAL_OUTPUT_ON_ERROR) ?: '';
        $content = $file ? '' : $request->getContent();

        // In JSON it is written \u00…, \b or \f, after a backslash that is not itself written with one.
        return 1 === preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', rawurldecode($request->getPathInfo()).$content)
            || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\(?:u00(?:0[0-8bcef]|1[0-9a-f])|[bf])/i', $fields.$content);
    }
}
