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

/** The first piece that was taken in here and not called off; or one that has been collected, once there is one: nobody has to be led any more. */
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
                .' FROM piece p WHERE p.id = COALESCE(
                    (SELECT c.id FROM piece c WHERE c.collected_at IS NOT NULL AND c.called_off IS NULL ORDER BY c.collected_at LIMIT 1),
                    (SELECT f.id FROM piece f WHERE f.called_off IS NULL ORDER BY f.id LIMIT 1))',
        )[0] ?? null;

        return Answer::of(new FirstPairView(
            null === $piece ? null : PieceProgress::of($piece),
            $piece?->int('id'),
            $piece?->int('ticket_id'),
            $piece?->text('name'),
        ));
    }
}
