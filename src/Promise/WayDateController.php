<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Answer;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Assessment\Aim;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** When a piece could be fetched, were it treated so far: played through, so it is asked for apart from what it costs. */
final readonly class WayDateController
{
    public function __construct(private PromiseReader $reader, private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/pieces/{id}/offer/{aim}/date', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function __invoke(int $id, Aim $aim): JsonResponse
    {
        return Answer::of($this->reader->ofWay($this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException(), $aim));
    }
}
