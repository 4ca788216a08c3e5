<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** An error that says of itself how it is answered. */
interface AnsweredError extends \Throwable
{
    public function problem(): JsonResponse;
}
