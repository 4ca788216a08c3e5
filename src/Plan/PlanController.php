<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\Once;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\Piece\VersionInput;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/pieces/{id}/plan', requirements: ['id' => '\d{1,9}'])]
final readonly class PlanController
{
    public function __construct(private PlanReader $reader, private MakePlan $make, private Members $members, private Once $once)
    {
    }

    #[Route('', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    #[Route('', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function make(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])] VersionInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(fn () => ($this->make)($id, $input->version, $this->members->person($member)), view: fn (): PlanView => $this->reader->of($id));
    }
}
