<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class HealthController
{
    public function __construct(private Health $health)
    {
    }

    /** Whether it lives at all, whatever stands behind it. */
    #[Route('/health/live', methods: ['GET'], priority: 10, stateless: true)]
    public function live(): JsonResponse
    {
        return new JsonResponse(['status' => 'ok'], headers: ['Cache-Control' => 'no-store']);
    }

    /** Whether it is ready to work. */
    #[Route('/health', name: 'health', methods: ['GET'], priority: 10, stateless: true)]
    public function show(): JsonResponse
    {
        $view = $this->health->look();
        $status = 'down' === $view->status ? Response::HTTP_SERVICE_UNAVAILABLE : Response::HTTP_OK;

        return new JsonResponse($view, $status, ['Cache-Control' => 'no-store']);
    }
}
