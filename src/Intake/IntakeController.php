<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Counter\TicketReader;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The counter in two minutes: known owners, usual jobs, a ticket in one go. */
final readonly class IntakeController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private TakeIn $takeIn,
        private Owners $owners,
        private TicketReader $tickets,
        private EntityManagerInterface $entities,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/intake', methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function take(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        IntakeInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn (): TicketView => $this->tickets->one(($this->takeIn)($input, $this->members->person($member))->id()), 201);
    }

    #[Route('/api/tickets/{id}/pieces', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function add(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        AddPieceInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->takeIn->add($id, $input, $this->members->person($member)),
            201,
            fn (): TicketView => $this->tickets->one($id),
        );
    }

    #[Route('/api/owners', methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function owners(#[MapQueryParameter] string $find = ''): JsonResponse
    {
        return Answer::of($this->owners->find(mb_substr($find, 0, 80)));
    }

    #[Route('/api/usual-jobs', methods: ['GET'])]
    public function jobs(): JsonResponse
    {
        return Answer::of($this->all());
    }

    #[Route('/api/usual-jobs', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function keep(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] UsualJobInput $input): JsonResponse
    {
        return $this->once->answer(function () use ($input): void {
            $piece = $this->entities->find(StoredPiece::class, $input->piece) ?? throw new NotFoundHttpException();
            $this->entities->persist(UsualJob::like($piece, trim($input->name)));
            $this->entities->flush();
        }, 201, fn (): UsualJobsView => $this->all());
    }

    #[Route('/api/usual-jobs/{id}', requirements: ['id' => '\d{1,9}'], methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function drop(int $id): JsonResponse
    {
        return $this->once->answer(function () use ($id): void {
            $job = $this->entities->find(UsualJob::class, $id);
            if (null !== $job) {
                $this->entities->remove($job);
                $this->entities->flush();
            }
        }, view: fn (): UsualJobsView => $this->all());
    }

    private function all(): UsualJobsView
    {
        return new UsualJobsView(array_map(
            static fn (UsualJob $j): UsualJobView => $j->view(),
            $this->entities->getRepository(UsualJob::class)->findBy([], ['id' => 'ASC']),
        ));
    }
}
