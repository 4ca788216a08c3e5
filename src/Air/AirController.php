<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\App\Http\Once;
use KindHeel\Core\Drying\Air;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

final readonly class AirController
{
    public function __construct(private RecordAir $record, private AirHistory $history, private Once $once)
    {
    }

    #[Route('/api/air', methods: ['POST'])]
    public function type(#[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])] AirInput $input): JsonResponse
    {
        return $this->once->answer(function () use ($input): AirView {
            $this->record->typed(Air::of($input->tempC, $input->humidity / 100.0, $input->speedMs));

            return AirView::of($this->history->latest()) ?? throw new \LogicException('Just stored.');
        });
    }
}
