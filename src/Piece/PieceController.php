<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\VersionInput;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/pieces/{id}', requirements: ['id' => '\d{1,9}'])]
final readonly class PieceController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private PieceReader $reader,
        private LookOver $lookOver,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($id));
    }

    #[Route('/parts', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function parts(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] PartsInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->lookOver->parts($id, $input));
    }

    #[Route('/findings', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function mark(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] FindingsInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->lookOver->mark($id, $input));
    }

    #[Route('/findings/{finding}', requirements: ['finding' => '\d{1,9}'], methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function unmark(
        int $id,
        int $finding,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
    ): JsonResponse {
        return $this->change($id, fn () => $this->lookOver->unmark($id, $finding, $input->version));
    }

    #[Route('/agreement', methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function agree(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] AgreementInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->lookOver->agree($id, $input));
    }

    #[Route('/part-agreement', methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function partAgreement(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PartAgreementInput $input,
    ): JsonResponse {
        return $this->change($id, fn () => $this->lookOver->partAgreement($id, $input));
    }

    #[Route('/trials', methods: ['POST'])]
    public function tried(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TrialInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->lookOver->tried($id, $input, $this->members->person($member)));
    }

    #[Route('/trials/{trial}', requirements: ['trial' => '\d{1,9}'], methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function forgetTrial(
        int $id,
        int $trial,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
    ): JsonResponse {
        return $this->change($id, fn () => $this->lookOver->forgetTrial($id, $trial, $input->version));
    }

    #[Route('/off', methods: ['PUT'])]
    public function takeOff(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] OffInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->lookOver->takeOff($id, $input));
    }

    #[Route('/has', methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function has(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        HasInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->lookOver->has($id, $input, $this->members->person($member)));
    }

    #[Route('/copy', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function copy(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] CopyInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->lookOver->copy($id, $input));
    }

    /** @param \Closure(): void $act */
    private function change(int $id, \Closure $act): JsonResponse
    {
        return $this->once->answer($act, view: fn (): PieceView => $this->reader->one($id));
    }
}
