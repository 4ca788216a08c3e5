<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use KindHeel\App\Http\Answer;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final readonly class LedgerController
{
    public function __construct(private LedgerReader $reader)
    {
    }

    #[Route('/api/ledger', methods: ['GET'])]
    #[Route('/api/ledger/{piece}', requirements: ['piece' => '\d{1,9}'], methods: ['GET'])]
    public function show(?int $piece = null): JsonResponse
    {
        return Answer::of($this->reader->of($piece));
    }
}
