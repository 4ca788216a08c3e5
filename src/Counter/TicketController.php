<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class TicketController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private TicketReader $reader,
        private OpenTicket $open,
        private LeavingReader $leaving,
        private Collect $collect,
        private CorrectTicket $correct,
        private CallOff $callOff,
        private ReadyShelf $shelf,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/tickets/{id}', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function correct(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        CorrectInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->correct)($id, $input, $this->members->person($member)),
            view: fn (): TicketView => $this->reader->one($id),
        );
    }

    #[Route('/api/tickets/{id}/leaving', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function leaving(int $id): JsonResponse
    {
        return Answer::of($this->leaving->of($id));
    }

    #[Route('/api/tickets/{id}/collect', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function collect(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        CollectInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->collect)($id, $input, $this->members->person($member)),
            view: fn (): LeavingView => $this->leaving->of($id),
        );
    }

    #[Route('/api/tickets/{id}/call-off', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function callOff(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        CallOffInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->callOff)($id, $input, $this->members->person($member)),
            view: fn (): TicketView => $this->reader->one($id),
        );
    }

    /** That it was collected or called off was a mistake. */
    #[Route('/api/pieces/{id}/back', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function back(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        WhyInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->callOff->undo($id, $input, $this->members->person($member)),
            view: fn (): TicketView => $this->leaving->withPiece($id)->ticket,
        );
    }

    #[Route('/api/tickets/{id}/told', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function told(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ToldInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->shelf->told($id, $input, $this->members->person($member)),
            view: fn (): LeavingView => $this->leaving->of($id),
        );
    }

    #[Route('/api/pieces/{id}/shelf', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function shelf(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] ShelfInput $input): JsonResponse
    {
        return $this->once->answer(fn () => $this->shelf->put($id, $input), view: fn (): LeavingView => $this->leaving->withPiece($id));
    }

    #[Route('/api/tickets', methods: ['GET'])]
    public function list(#[MapQueryString] TicketQuery $query = new TicketQuery()): JsonResponse
    {
        return Answer::of($this->reader->page($query));
    }

    #[Route('/api/tickets/{id}', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($id));
    }

    #[Route('/api/tickets', methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function open(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        TicketInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn (): TicketView => $this->reader->one(($this->open)($input, $this->members->person($member))->id()), 201);
    }
}
