<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Treatment\Wish\School;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/pieces/{id}/plan', requirements: ['id' => '\d{1,9}'])]
final readonly class PlanController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private EventDispatcherInterface $events,
        private PlanReader $reader,
        private MakePlan $make,
        private ChangePlan $change,
        private ComparePlans $compare,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    /** A line each step, as it is worked on from top to bottom. */
    #[Route('.csv', methods: ['GET'])]
    public function csv(int $id): Response
    {
        $heads = ['step', 'state', 'half', 'stretch', 'what', 'where', 'minutes', 'amount', 'after', 'why', 'how'];

        return CsvTable::answer(\sprintf('plan-%d.csv', $id), $heads, array_map(static fn (StepView $s): array => [
            'step' => $s->key, 'state' => $s->status->value, 'half' => $s->half->value, 'stretch' => $s->phase->label(), 'what' => $s->title,
            'where' => $s->where, 'minutes' => $s->minutes, 'amount' => $s->amount ?? '',
            'after' => implode(', ', array_map(
                static fn (StepWaitView $w): string => $w->step.(null === $w->minMinutes ? '' : \sprintf(' + %d min', (int) ceil($w->minMinutes)))
                    .(null === $w->maxMinutes ? '' : \sprintf(' until + %d min', (int) floor($w->maxMinutes))),
                $s->waits,
            )),
            'why' => $s->why, 'how' => $s->how,
        ], $this->reader->of($id)->steps));
    }

    #[Route('', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function make(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PlanInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => ($this->make)($id, $input, $this->members->person($member)), $id);
    }

    #[Route('/change', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function change(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ChangeInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => ($this->change)($id, $input, $this->members->person($member)), $id);
    }

    #[Route('/schools/{school}', methods: ['GET'])]
    public function compare(int $id, School $school): JsonResponse
    {
        return Answer::of($this->compare->by($id, $school));
    }

    /** @param \Closure(): void $act */
    private function act(\Closure $act, int $id): JsonResponse
    {
        return $this->once->answer(function () use ($act): void {
            $act();
            $this->events->dispatch(BenchChanged::inTime());
        }, view: fn (): PlanView => $this->reader->of($id));
    }
}
