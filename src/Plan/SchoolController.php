<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\Refused;
use KindHeel\App\Settings\WorkshopSchool;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Wish\School;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[Route('/api/schools')]
final readonly class SchoolController
{
    public function __construct(private EntityManagerInterface $entities, private PlanTerms $terms, private IdempotentRequest $once)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return Answer::of(SchoolsView::of($this->terms->workshop()));
    }

    #[Route('/{school}', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function take(
        School $school,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        SchoolInput $input,
    ): JsonResponse {
        return $this->once->answer(fn () => $this->side($school, $input), view: fn (): SchoolsView => SchoolsView::of($this->terms->workshop()));
    }

    private function side(School $school, SchoolInput $input): void
    {
        $side = $input->side;
        if (null !== $side && !$school->isSide($side)) {
            throw new FieldError('side', 'There is no such side of this school.');
        }
        $known = $this->entities->find(WorkshopSchool::class, $school, LockMode::PESSIMISTIC_WRITE);
        if ($known?->side() !== $input->was) {
            throw Refused::stale('Somebody else has taken a side for the workshop meanwhile. This is how it stands now.');
        }
        if (null === $side) {
            if (null !== $known) {
                $this->entities->remove($known);
            }
        } elseif (null === $known) {
            $this->entities->persist(new WorkshopSchool($school, $side));
        } else {
            $known->take($side);
        }
    }
}
