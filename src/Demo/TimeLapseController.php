<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\App\Bench\BenchReader;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Http\Answer;
use KindHeel\App\People\Member;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Puts the demo’s time forward; without the demo there is no such thing. */
final readonly class TimeLapseController
{
    public function __construct(private WorkshopClock $clock, private TimeLapse $lapse, private BenchReader $bench)
    {
    }

    #[Route('/api/demo/forward', methods: ['POST'])]
    public function forward(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        ForwardInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        if (!$this->clock->isDemo()) {
            throw new NotFoundHttpException();
        }
        $this->lapse->forward($input->minutes, $input->me ? null : $member->login, $input->busily);

        return Answer::of($this->bench->forPerson($member->id));
    }
}
