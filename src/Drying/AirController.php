<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirInput;
use KindHeel\App\Air\AirView;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Member;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\TypedAir;
use KindHeel\Core\Drying\WhatIf;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class AirController
{
    public function __construct(private RecordAir $record, private AirHistory $history, private AskAir $ask, private IdempotentRequest $once)
    {
    }

    #[Route('/api/air', methods: ['POST'])]
    public function type(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        AirInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(function () use ($input, $member): AirView {
            $air = Air::of($input->tempC, $input->humidity / 100.0, $input->speedMs);
            // A restorer may know better: a window was left open over night.
            $known = $this->history->latest($input->place ?? DryingPlace::Bench)?->air;
            $beyond = !$member->role->plans() ? TypedAir::beyondSense($air, $known) : null;
            if (null !== $beyond) {
                throw Refused::now($beyond.' A restorer may type it all the same.');
            }
            $this->record->typed($air, $input->place);

            return AirView::of($this->history->latest($input->place ?? DryingPlace::Bench)) ?? throw new \LogicException('Just stored.');
        });
    }

    /** What a change of the air would save, for every coat that dries. */
    #[Route('/api/air/what-if', methods: ['GET'])]
    public function whatIf(
        #[MapQueryParameter(validationFailedStatusCode: 422)]
        WhatIf $do,
        #[MapQueryParameter(filter: \FILTER_VALIDATE_FLOAT, validationFailedStatusCode: 422)]
        float $outsideC = 10.0,
        #[MapQueryParameter(filter: \FILTER_VALIDATE_FLOAT, validationFailedStatusCode: 422)]
        float $outsideHumidity = 65.0,
    ): JsonResponse {
        return Answer::of($this->ask->what($do, Air::of($outsideC, $outsideHumidity / 100.0)));
    }
}
