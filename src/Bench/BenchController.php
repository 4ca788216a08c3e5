<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The bench and what hands say to it; each answers with the bench as it then stands. */
final readonly class BenchController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private BenchReader $reader,
        private ShowBench $show,
        private WorkStep $work,
        private JudgeStep $judge,
        private KeyCoat $key,
        private PutPiece $put,
        private LookAgain $looks,
        private CompareHalves $halves,
        private TakeBack $takeBack,
        private CorrectMinutes $correct,
        private EventDispatcherInterface $events,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/bench', methods: ['GET'])]
    public function show(#[CurrentUser] Member $member): JsonResponse
    {
        // A window that was missed while nobody looked is mended by itself.
        return $this->show->to($member->id, fn () => $this->key->missed($this->members->person($member)));
    }

    /** “I have 25 minutes.” */
    #[Route('/api/bench/fit', methods: ['GET'])]
    public function fit(
        #[MapQueryParameter(filter: \FILTER_VALIDATE_INT, options: ['min_range' => 5, 'max_range' => 480], validationFailedStatusCode: 422)]
        int $minutes,
    ): JsonResponse {
        return Answer::of($this->reader->fit($minutes));
    }

    #[Route('/api/steps/{id}/start', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function start(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->work->start($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/done', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function done(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->work->done($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/interrupt', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function interrupt(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->work->interrupt($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/put-down', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function putDown(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->work->putDown($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function again(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->judge->again($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/spoiled', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function spoiled(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->judge->spoiled($id, $input, $this->members->person($member)), $member);
    }

    /** The last thing done to it was a mistake. */
    #[Route('/api/steps/{id}/take-back', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function takeBack(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => ($this->takeBack)($id, $input, $this->members->person($member)), $member);
    }

    /** It took longer, or less, than was written down. */
    #[Route('/api/steps/{id}/minutes', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function minutes(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        MinutesInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => ($this->correct)($id, $input, $this->members->person($member)), $member);
    }

    /** Enough, or a rung up. */
    #[Route('/api/steps/{id}/look', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function look(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        LookInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->looks->answer($id, $input, $this->members->person($member)), $member);
    }

    /** One half against the other: the same, another way, or no further. */
    #[Route('/api/steps/{id}/compare', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function compare(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        CompareInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->halves->answer($id, $input, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/gate', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function gate(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        GateInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->judge->gate($id, $input, $this->members->person($member)), $member);
    }

    /** A helper takes over. */
    #[Route('/api/steps/{id}/hand-on', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function handOn(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TakeOverInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->work->handOn($id, $input, $this->members->hands($input->person), $this->members->person($member)), $member);
    }

    /** A piece is put somewhere else, and meets the air there from now on. */
    #[Route('/api/pieces/{id}/place', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function move(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        MoveInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn () => $this->put->on($id, $input->place), view: fn (): BenchView => $this->reader->forPerson($member->id));
    }

    /** @param \Closure(): void $act */
    private function act(\Closure $act, Member $member): JsonResponse
    {
        return $this->once->answer(function () use ($act): void {
            $act();
            $this->events->dispatch(BenchChanged::inTime());
        }, view: fn (): BenchView => $this->reader->forPerson($member->id));
    }
}
