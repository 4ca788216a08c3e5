<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** A problem document (RFC 9457): a sentence for people in `detail`, one for each wrong field in `errors`. */
final class ProblemDocument
{
    private const TITLES = [
        400 => 'Not understood', 401 => 'Please sign in', 403 => 'Not for you', 404 => 'Not found', 405 => 'Not possible',
        409 => 'Not now', 413 => 'Too large', 415 => 'Not understood', 422 => 'Something is not right', 429 => 'Too many tries',
        500 => 'A fault of ours', 503 => 'Not available',
    ];

    /**
     * @param array<string, mixed>                             $more   further members
     * @param list<array{field: string, message: string}>|null $errors
     */
    public static function response(int $status, string $detail, string $type = 'about:blank', ?array $errors = null, array $more = []): JsonResponse
    {
        $body = ['type' => $type, 'title' => self::TITLES[$status] ?? 'Not possible', 'status' => $status, 'detail' => $detail] + $more;
        if (null !== $errors) {
            $body['errors'] = $errors;
        }
        $response = new JsonResponse($body, $status);
        $response->setEncodingOptions(\JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }
}
