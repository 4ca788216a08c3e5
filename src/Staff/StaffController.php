<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\VersionInput;
use KindHeel\App\People\Member;
use KindHeel\App\People\PasswordAsked;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** People of the workshop are the owner’s, who has just given their password. A word for one sign-in is told once: asked for again, another is given. */
#[Route('/api/people')]
#[IsGranted('ROLE_OWNER')]
final readonly class StaffController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const NUMBER = ['id' => '\d{1,9}'];

    public function __construct(private Staff $staff, private StaffReader $reader, private IdempotentRequest $once)
    {
    }

    #[Route('', methods: ['GET'])]
    public function show(#[CurrentUser] Member $member): JsonResponse
    {
        return Answer::of($this->reader->view($member->id));
    }

    #[Route('', methods: ['POST'])]
    public function add(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PersonInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act($member, fn () => $this->staff->add($input), 201);
    }

    #[Route('/{id}', requirements: self::NUMBER, methods: ['PUT'])]
    public function change(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PersonInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act($member, fn () => $this->staff->change($id, $input));
    }

    #[Route('/{id}/word', requirements: self::NUMBER, methods: ['POST'])]
    public function word(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act($member, fn () => $this->staff->giveWord($id, $input->version));
    }

    #[Route('/{id}/left', requirements: self::NUMBER, methods: ['POST'])]
    public function leave(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act($member, fn () => $this->staff->leave($id, $input->version));
    }

    #[Route('/{id}/left', requirements: self::NUMBER, methods: ['DELETE'])]
    public function comeBack(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act($member, fn () => $this->staff->comeBack($id, $input->version));
    }

    #[Route('/{id}/sign-ins', requirements: self::NUMBER, methods: ['DELETE'])]
    public function signOut(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act($member, fn () => $this->staff->signOut($id));
    }

    /** @param \Closure(): mixed $act */
    private function act(Member $member, \Closure $act, int $status = 200): JsonResponse
    {
        PasswordAsked::unlessSure($member);
        // The word is in no answer that is remembered.
        /** @var \ArrayObject<int, mixed> $given */
        $given = new \ArrayObject();

        return $this->once->answer(
            static fn () => $given[0] = $act(),
            $status,
            view: fn (): StaffView => $this->reader->view($member->id, ($given[0] ?? null) instanceof GivenWord ? $given[0] : null),
        );
    }
}
