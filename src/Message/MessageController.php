<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\App\Files\Paper;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\ReachedBy;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\Settings\WorkshopSettings;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What owners are told: of the season, of one ticket, and what becomes of it. */
final readonly class MessageController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private SeasonReader $season,
        private MessageReader $reader,
        private MessageTexts $texts,
        private WriteMessages $write,
        private EndMessage $end,
        private Members $members,
        private IdempotentRequest $once,
        private WorkshopSettings $settings,
        private Paper $paper,
        private string $workshopTimezone,
    ) {
    }

    #[Route('/api/season/{month}', requirements: ['month' => '20\d\d-(0[1-9]|1[0-2])'], methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function season(string $month, #[MapQueryParameter(options: ['min_range' => 0, 'max_range' => 100000])] int $page = 0): JsonResponse
    {
        return Answer::of($this->season->page($month, $page));
    }

    #[Route('/api/season/{month}/owners/{id}', requirements: ['month' => '20\d\d-(0[1-9]|1[0-2])'] + self::ID, methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function preview(string $month, int $id): JsonResponse
    {
        return Answer::of($this->write->preview($month, $id));
    }

    #[Route('/api/season', methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function tellOfSeason(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SeasonInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->write->season($input, $this->members->person($member)),
            view: fn (): MessagesView => $this->reader->page(null, null, null, 0),
        );
    }

    #[Route('/api/tickets/{id}/messages', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function tellOfTicket(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TicketMessageInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        if (Occasion::Care === $input->occasion) {
            throw new NotFoundHttpException();
        }

        return $this->once->answer(
            fn () => $this->write->ticket($id, $input, $this->members->person($member)),
            201,
            fn (): MessageView => $this->reader->ofTicket($id),
        );
    }

    #[Route('/api/messages', methods: ['GET'])]
    public function all(
        #[MapQueryParameter]
        ?MessageState $state = null,
        #[MapQueryParameter]
        ?ReachedBy $by = null,
        #[MapQueryParameter(options: ['min_range' => 1, 'max_range' => 999999999])]
        ?int $owner = null,
        #[MapQueryParameter(options: ['min_range' => 0, 'max_range' => 100000])]
        int $page = 0,
    ): JsonResponse {
        return Answer::of($this->reader->page($state, $by, $owner, $page));
    }

    #[Route('/api/message-texts/{occasion}', methods: ['GET'])]
    public function text(Occasion $occasion): JsonResponse
    {
        return Answer::of($this->texts->of($occasion));
    }

    #[Route('/api/message-texts/{occasion}', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function keepText(
        Occasion $occasion,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        MessageTextInput $input,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->texts->keep($occasion, $input->subject, $input->text),
            view: fn (): MessageTextView => $this->texts->of($occasion),
        );
    }

    #[Route('/api/messages/{id}/done', requirements: self::ID, methods: ['POST'])]
    public function done(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->ended($id, fn () => $this->end->done($id, $this->members->person($member)));
    }

    #[Route('/api/messages/{id}/stop', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function stop(int $id): JsonResponse
    {
        return $this->ended($id, fn () => $this->end->stop($id));
    }

    #[Route('/api/messages/{id}/again', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function again(int $id): JsonResponse
    {
        return $this->ended($id, fn () => $this->end->again($id));
    }

    /** Letters that wait to be posted, a sheet each. */
    #[Route('/api/letters.pdf', methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function letters(): Response
    {
        $of = $this->settings->identity();

        return $this->paper->answer('letters.pdf', 'letters.html.twig', [
            'letters' => $this->reader->letters(), 'workshop' => $of->name, 'address' => $of->address, 'zone' => $this->workshopTimezone,
        ]);
    }

    /** @param \Closure(): void $act */
    private function ended(int $id, \Closure $act): JsonResponse
    {
        return $this->once->answer($act, view: fn (): MessageView => $this->reader->one($id));
    }
}
