<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\VersionInput;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[Route('/api/pots')]
final readonly class PotController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private PotReader $reader,
        private RecipeReader $recipes,
        private PotWork $work,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function all(
        #[MapQueryParameter]
        ?int $piece = null,
        #[MapQueryParameter]
        ?int $near = null,
        #[MapQueryParameter]
        ?Shade $shade = null,
    ): JsonResponse {
        return Answer::of($this->reader->all(null === $piece ? null : [$piece], null === $near ? $shade?->lab() : $this->reader->colourOf($near)));
    }

    #[Route('', methods: ['POST'])]
    public function open(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PotInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn (): PotView => $this->reader->one($this->work->open($input, $this->members->person($member))->id()), 201);
    }

    #[Route('/{id}', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function one(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($id));
    }

    #[Route('/{id}/recipes', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function recipes(int $id, #[MapQueryParameter] string $without = ''): JsonResponse
    {
        return Answer::of($this->recipes->recipes($id, array_values(array_filter(explode(',', $without)))));
    }

    #[Route('/{id}/correction', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function correction(int $id): JsonResponse
    {
        return Answer::of($this->recipes->correction($id));
    }

    #[Route('/{id}/coats', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function coats(int $id): JsonResponse
    {
        return Answer::of($this->recipes->coats($id));
    }

    #[Route('/{id}/label', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function label(int $id): JsonResponse
    {
        return Answer::of($this->reader->label($id));
    }

    #[Route('/{id}/eye', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function eyeScale(int $id): JsonResponse
    {
        return Answer::of($this->reader->eyeScale($id));
    }

    #[Route('/{id}/recipe', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function follow(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        FollowInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->follow($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function again(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        FollowInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn (): PotView => $this->reader->one($this->work->again($id, $input, $this->members->person($member))->id()), 201);
    }

    #[Route('/{id}/drops', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function drop(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        DropsInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->drop($id, $input, $this->members->person($member)), $input->code);
    }

    #[Route('/{id}/dabs', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function dab(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        DabInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->dab($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/coats', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function lay(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        LayInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->lay($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/kept', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function keep(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        KeepInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->keep($id, $input, $this->members->person($member)));
    }

    /** A measure or the scales, and drops after that. */
    #[Route('/{id}/portions', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function portion(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PortionInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->portion($id, $input, $this->members->person($member)), $input->code);
    }

    #[Route('/{id}/finish', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function finish(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        FinishInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->finish($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/jar', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function jar(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        AmountInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->jar($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/amount', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function amount(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        AmountInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->amount($id, $input, $this->members->person($member)));
    }

    /** Another pot is poured into this one. */
    #[Route('/{id}/pour', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function pour(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PourInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->pour($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/name', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function rename(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PotNameInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->rename($id, $input, $this->members->person($member)));
    }

    #[Route('/{id}/opened-again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function openAgain(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        VersionInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->openAgain($id, $input->version, $this->members->person($member)));
    }

    #[Route('/{id}/thrown-away', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function throwAway(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ThrowPotInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->work->throwAway($id, $input, $this->members->person($member)));
    }

    /** The same colour in a new pot, for the same place or another. */
    #[Route('/{id}/used-again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function useAgain(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        UseAgainInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(function () use ($id, $input, $member): PotView {
            $this->work->hold($id);

            return $this->reader->one($this->work->useAgain($id, $input, $this->members->person($member))->id());
        }, 201);
    }

    #[Route('/{id}/drop-size', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function dropSize(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] MeasureDropsInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->work->countDrops($id, $input));
    }

    /** @param \Closure(): void $act */
    private function change(int $id, \Closure $act, ?string $tube = null): JsonResponse
    {
        $held = function () use ($id, $act, $tube): void {
            $this->work->hold($id, $tube);
            $act();
        };

        return $this->once->answer($held, view: fn (): PotView => $this->reader->one($id));
    }
}
