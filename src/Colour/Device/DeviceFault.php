<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;

/** An instrument did not answer, or not sensibly; the message says what to do. */
final class DeviceFault extends \RuntimeException implements AnsweredError
{
    public function problem(): JsonResponse
    {
        return ProblemDocument::response(409, $this->getMessage(), 'not-now', more: ['overridable' => false]);
    }
}
