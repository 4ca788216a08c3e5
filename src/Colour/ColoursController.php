<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Product\Applicator;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Paints, dyes and leathers on the shelf: what they do, ranges in and out, one's own draw-downs. */
final readonly class ColoursController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private ColoursReader $reader,
        private DyeReader $dyes,
        private DyeChoices $choices,
        private PieceColourReader $pieces,
        private RangeDocument $range,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/colours', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return Answer::of($this->reader->all());
    }

    #[Route('/api/colours', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function characterise(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] DrawDownInput $input): JsonResponse
    {
        return $this->once->answer(fn (): FitView => $this->reader->characterise($input), $input->keep ? 201 : 200);
    }

    #[Route('/api/colours/range', methods: ['GET'])]
    public function write(): Response
    {
        return new Response(
            $this->range->write(),
            headers: ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="kind-heel-range.json"'],
        );
    }

    #[Route('/api/colours/range', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function take(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] FileInput $input): JsonResponse
    {
        return $this->once->answer(function () use ($input): RangeTakenView {
            $taken = $this->range->take($input->text);

            return new RangeTakenView($taken['added'], $taken['known']);
        });
    }

    #[Route('/api/dyes/{ground}', requirements: ['ground' => '\d{1,9}'], methods: ['GET'])]
    public function dyes(
        int $ground,
        #[MapQueryParameter]
        ?int $target = null,
        #[MapQueryParameter]
        Applicator $applicator = Applicator::Cloth,
        #[MapQueryParameter]
        DyeLook $look = DyeLook::Finished,
    ): JsonResponse {
        return Answer::of($this->dyes->over($ground, $target, $applicator, $look));
    }

    /** A rung of the ladder goes into the plan of a piece. */
    #[Route('/api/pieces/{id}/dye-choices', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function choose(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        DyeChoiceInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->choices->choose($id, $input, $this->members->person($member)),
            201,
            fn (): PieceColourView => $this->pieces->of($id),
        );
    }

    #[Route('/api/dyes/swatches', methods: ['POST'])]
    public function learn(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        DyeSwatchInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn () => $this->dyes->learn($input, $this->members->person($member)), 201, fn (): ColoursView => $this->reader->all());
    }
}
