<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/tickets/{id}/promise', requirements: ['id' => '\d{1,9}'])]
final readonly class PromiseController
{
    /** Who has promised waits for no weighing. */
    private const AT_ONCE_MS = 200;

    public function __construct(private PromiseReader $reader, private GivePromise $give, private Members $members, private IdempotentRequest $once)
    {
    }

    /** Asked with little time first and with more then, what is said gets surer. */
    #[Route('', methods: ['GET'])]
    public function show(
        int $id,
        #[MapQueryParameter(filter: \FILTER_VALIDATE_INT, options: ['min_range' => 0, 'max_range' => 10_000], validationFailedStatusCode: 422)]
        ?int $within = null,
    ): JsonResponse {
        return Answer::of($this->reader->of($id, $within));
    }

    #[Route('', methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function give(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        PromiseInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->give)($id, $input, $this->members->person($member)),
            view: fn (): PromiseView => $this->reader->of($id, self::AT_ONCE_MS),
        );
    }
}
