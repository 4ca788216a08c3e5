<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** A view as JSON: the public properties of readonly objects, as they are. */
final class Answer
{
    public static function of(object $view, int $status = 200): JsonResponse
    {
        return JsonResponse::fromJsonString(self::json($view), $status);
    }

    public static function json(object $view): string
    {
        return json_encode($view, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
