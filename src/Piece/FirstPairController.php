<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Answer;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\Steps;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The first piece that was taken in here and not called off: one row, however many have followed it. */
final readonly class FirstPairController
{
    public function __construct(private Connection $connection)
    {
    }

    #[Route('/api/first-pair', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $piece = Row::all(
            $this->connection,
            'SELECT p.id, p.ticket_id, p.name, p.planned_from, p.assessed, p.called_off, p.collected_at, p.finished_at, '.Steps::COUNTED
                .' FROM piece p WHERE p.called_off IS NULL ORDER BY p.id LIMIT 1',
        )[0] ?? null;

        return Answer::of(new FirstPairView(
            null === $piece ? null : PieceProgress::of($piece),
            $piece?->int('id'),
            $piece?->int('ticket_id'),
            $piece?->text('name'),
        ));
    }
}
