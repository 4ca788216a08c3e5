<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Ahead\Foresee;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\Once;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The bench and the five things that hands say to it; each answers with the bench as it then stands. */
final readonly class BenchController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(private BenchReader $reader, private WorkStep $work, private Foresee $foresee, private Members $members, private Once $once)
    {
    }

    #[Route('/api/bench', methods: ['GET'])]
    public function show(#[CurrentUser] Member $member): JsonResponse
    {
        return Answer::of($this->reader->forPerson($member->id));
    }

    /** “I have 25 minutes.” */
    #[Route('/api/bench/fit', methods: ['GET'])]
    public function fit(#[MapQueryParameter(filter: \FILTER_VALIDATE_INT, options: ['min_range' => 5, 'max_range' => 480])] int $minutes): JsonResponse
    {
        return Answer::of($this->reader->fit($minutes));
    }

    #[Route('/api/steps/{id}/start', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function start(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] StepInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->work->start($id, $input->version, $input->why, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/done', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function done(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] StepInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->work->done($id, $input->version, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/put-down', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function putDown(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] StepInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->work->putDown($id, $input->version, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function again(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] StepInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->work->again($id, $input->version, $this->members->person($member)), $member);
    }

    #[Route('/api/steps/{id}/gate', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function gate(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] GateInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->work->gate($id, $input->version, 'passed' === $input->answer, $input->why, $this->members->person($member)), $member);
    }

    /** @param \Closure(): void $act */
    private function act(\Closure $act, Member $member): JsonResponse
    {
        return $this->once->answer($act, view: function () use ($member): BenchView {
            $this->foresee->renew();

            return $this->reader->forPerson($member->id);
        });
    }
}
