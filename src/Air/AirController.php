<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchReader;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\Once;
use KindHeel\App\People\Member;
use KindHeel\App\Piece\StoredPiece;
use KindHeel\App\Workshop\GearInUse;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\WhatIf;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class AirController
{
    public function __construct(private RecordAir $record, private AirHistory $history, private AskAir $ask, private GearInUse $gear, private BenchReader $bench, private EntityManagerInterface $entities, private Once $once)
    {
    }

    #[Route('/api/air', methods: ['POST'])]
    public function type(#[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])] AirInput $input): JsonResponse
    {
        return $this->once->answer(function () use ($input): AirView {
            $this->record->typed(Air::of($input->tempC, $input->humidity / 100.0, $input->speedMs), $input->place);

            return AirView::of($this->history->latest($input->place ?? DryingPlace::Bench)) ?? throw new \LogicException('Just stored.');
        });
    }

    /** What a change of the air would save, for every coat that dries. */
    #[Route('/api/air/what-if', methods: ['GET'])]
    public function whatIf(#[MapQueryParameter(validationFailedStatusCode: 422)] WhatIf $do, #[MapQueryParameter(filter: \FILTER_VALIDATE_FLOAT, validationFailedStatusCode: 422)] float $outsideC = 10.0, #[MapQueryParameter(filter: \FILTER_VALIDATE_FLOAT, validationFailedStatusCode: 422)] float $outsideHumidity = 65.0): JsonResponse
    {
        return Answer::of($this->ask->what($do, Air::of($outsideC, $outsideHumidity / 100.0)));
    }

    #[Route('/api/pieces/{id}/place', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function move(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])] MoveInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(function () use ($id, $input): void {
            if (DryingPlace::Rack === $input->place) {
                $this->gear->mustHaveSlot($id);
            }
            $this->record->moved($this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException(), $input->place);
        }, view: fn (): BenchView => $this->bench->forPerson($member->id));
    }
}
