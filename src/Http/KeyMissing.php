<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** An act without an `Idempotency-Key`: were its answer lost, it could only be asked for again by acting twice. */
final class KeyMissing extends \RuntimeException implements AnsweredError
{
    public function problem(): JsonResponse
    {
        return ProblemDocument::response(400, 'Every act needs an Idempotency-Key of its own, of up to 200 letters. Nothing was done.', 'key-missing');
    }
}
