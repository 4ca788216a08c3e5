<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Measuring on a picture. */
final readonly class MeasureController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(private Measure $measure, private Members $members, private IdempotentRequest $once)
    {
    }

    #[Route('/api/pieces/{id}/measures', requirements: self::ID, methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->measure->of($id));
    }

    /** Only looked at: nothing is kept. */
    #[Route('/api/pieces/{id}/measures/look', requirements: self::ID, methods: ['POST'])]
    public function look(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] MeasureInput $input): JsonResponse
    {
        return $this->once->answer(fn (): MeasuredView => $this->measure->measured($id, $input));
    }

    #[Route('/api/pieces/{id}/measures', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function keep(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        MeasureInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->measure->keep($id, $input, $this->members->person($member)),
            view: fn (): MeasureView => $this->measure->of($id),
        );
    }

    #[Route('/api/pieces/{id}/measures', requirements: self::ID, methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function forget(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] ForgetInput $input): JsonResponse
    {
        return $this->once->answer(
            fn () => $this->measure->forget($id, $input->version, $input->part, $input->half),
            view: fn (): MeasureView => $this->measure->of($id),
        );
    }

    #[Route('/api/pieces/{id}/measures/card', requirements: self::ID, methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function card(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] CardInput $input): JsonResponse
    {
        return $this->once->answer(fn () => $this->measure->card($input), view: fn (): MeasureView => $this->measure->of($id));
    }
}
