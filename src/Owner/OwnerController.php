<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\People\PasswordAsked;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Owners of pieces: who they are, what they allow, and what they may ask for. */
final readonly class OwnerController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private OwnerReader $reader,
        private Things $things,
        private KeepOwner $keep,
        private EraseOwner $erase,
        private ForgetPictures $pictures,
        private ExportOwner $export,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/owners/all', methods: ['GET'])]
    public function all(
        #[MapQueryParameter]
        string $find = '',
        #[MapQueryParameter(options: ['min_range' => 0, 'max_range' => 100000])]
        int $page = 0,
    ): JsonResponse {
        return Answer::of($this->reader->page(mb_substr($find, 0, 80), $page));
    }

    /** One’s own, where there are no customers. */
    #[Route('/api/things', methods: ['GET'])]
    public function things(): JsonResponse
    {
        return Answer::of($this->things->view());
    }

    /** All of them, a line each. */
    #[Route('/api/owners.csv', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function csv(): Response
    {
        $rows = array_map(static fn (OwnerRowView $o): array => [
            'name' => $o->name, 'reached' => $o->contact, 'pieces' => $o->pieces, 'last here' => substr($o->lastAt, 0, 10),
        ], $this->reader->all());

        return CsvTable::answer('owners.csv', ['name', 'reached', 'pieces', 'last here'], $rows);
    }

    #[Route('/api/owners/{id}', requirements: self::ID, methods: ['GET'])]
    public function one(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($id));
    }

    #[Route('/api/owners/{id}', requirements: self::ID, methods: ['PUT'])]
    public function details(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] OwnerDetailsInput $input): JsonResponse
    {
        return $this->once->answer(fn () => $this->keep->details($id, $input), 200, fn (): OwnerDetailsView => $this->reader->one($id));
    }

    #[Route('/api/owners/{id}/joined', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function join(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] JoinInput $input): JsonResponse
    {
        return $this->once->answer(fn () => $this->keep->join($id, $input), 200, fn (): OwnerDetailsView => $this->reader->one($id));
    }

    /** All that is known of them, for themselves. */
    #[Route('/api/owners/{id}/archive.zip', requirements: self::ID, methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function archive(int $id, #[CurrentUser] Member $member): BinaryFileResponse
    {
        PasswordAsked::unlessSure($member);

        return (new BinaryFileResponse(($this->export)($id, $this->members->person($member)), headers: [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', \sprintf('owner-%d.zip', $id)),
            'Cache-Control' => 'no-store',
        ]))->deleteFileAfterSend();
    }

    #[Route('/api/owners/{id}', requirements: self::ID, methods: ['DELETE'])]
    #[IsGranted('ROLE_OWNER')]
    public function erase(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        PasswordAsked::unlessSure($member);
        $digests = [];
        $answer = $this->once->answer(
            function () use ($id, $member, &$digests): void {
                $digests = ($this->erase)($id, $this->members->person($member));
            },
            200,
            fn (): OwnerDetailsView => $this->reader->one($id),
        );
        $this->pictures->forget($digests);

        return $answer;
    }
}
