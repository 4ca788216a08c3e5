<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;

/** The store that keeps pictures and sheets for several machines does not answer. */
final class StoreAway extends \RuntimeException implements AnsweredError
{
    private const SENTENCE = 'The store where pictures are kept does not answer just now. Nothing was lost; try again in a moment.';

    public function __construct(?\Throwable $previous = null)
    {
        parent::__construct(self::SENTENCE, previous: $previous);
    }

    public function problem(): JsonResponse
    {
        return ProblemDocument::response(503, self::SENTENCE);
    }
}
