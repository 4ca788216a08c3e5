<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/pieces/{id}', requirements: ['id' => '\d{1,9}'])]
final readonly class OwnerPageController
{
    public function __construct(private OwnerPageReader $reader, private Sign $sign, private Members $members, private IdempotentRequest $once)
    {
    }

    #[Route('/owner-page', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    #[Route('/questions', methods: ['GET'])]
    public function questions(int $id): JsonResponse
    {
        return Answer::of($this->reader->questions($id));
    }

    #[Route('/signature', methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function sign(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        SignatureInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->sign)($id, $input, $this->members->person($member)),
            view: fn (): OwnerPageView => $this->reader->of($id),
        );
    }
}
