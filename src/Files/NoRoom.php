<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;

/** Nothing more can be kept on the workshop's disk. */
final class NoRoom extends \RuntimeException implements AnsweredError
{
    public const SENTENCE = 'There is no room left on the workshop’s disk, so this could not be kept. What was stored is safe; make room and try again.';

    public function __construct(?\Throwable $previous = null)
    {
        parent::__construct(self::SENTENCE, previous: $previous);
    }

    public function problem(): JsonResponse
    {
        return ProblemDocument::response(507, self::SENTENCE, 'no-room');
    }
}
