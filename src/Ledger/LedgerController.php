<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class LedgerController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(private LedgerReader $reader, private WriteNote $note, private Members $members, private IdempotentRequest $once)
    {
    }

    #[Route('/api/ledger', methods: ['GET'])]
    #[Route('/api/ledger/{piece}', requirements: ['piece' => '\d{1,9}'], methods: ['GET'])]
    public function show(?int $piece = null): JsonResponse
    {
        return Answer::of($this->reader->of($piece));
    }

    /** A line each. */
    #[Route('/api/ledger/{piece}.csv', requirements: ['piece' => '\d{1,9}'], methods: ['GET'])]
    public function csv(int $piece): Response
    {
        $heads = ['at', 'who', 'what', 'says', 'half', 'foreseen min', 'real min', 'air C', 'air % rh'];

        return CsvTable::answer(\sprintf('ledger-%d.csv', $piece), $heads, array_map(static fn (EntryView $e): array => [
            'at' => $e->at, 'who' => $e->person, 'what' => $e->event->value, 'says' => $e->text, 'half' => $e->half->value ?? '',
            'foreseen min' => $e->plannedMinutes, 'real min' => $e->realMinutes, 'air C' => $e->tempC, 'air % rh' => $e->humidity,
        ], $this->reader->all($piece)));
    }

    #[Route('/api/pieces/{id}/notes', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function note(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        NoteInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->note->onPiece($id, $input, $this->members->person($member)),
            view: fn (): LedgerView => $this->reader->of($id),
        );
    }

    #[Route('/api/tickets/{id}/notes', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function noteOnTicket(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        NoteInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->note->onTicket($id, $input, $this->members->person($member)),
            view: fn (): LedgerView => $this->reader->of(null),
        );
    }
}
