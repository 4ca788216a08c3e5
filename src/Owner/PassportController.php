<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Files\Paper;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Care\Fault;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Pieces over all their visits: passport, care, what came back. */
final readonly class PassportController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private PassportReader $reader,
        private KeepPassport $keep,
        private ComesBack $back,
        private CarePages $pages,
        private CareAddress $address,
        private GuessGuard $guard,
        private LastTime $lastTime,
        private WhatComesBack $whatComesBack,
        private Members $members,
        private IdempotentRequest $once,
        private Paper $paper,
        private string $workshopTimezone,
    ) {
    }

    #[Route('/api/passports/{id}', requirements: self::ID, methods: ['GET'])]
    public function one(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($id));
    }

    /** As it stands on its tag. */
    #[Route('/api/passports/tagged/{code}', requirements: ['code' => '[a-z0-9]{10}'], methods: ['GET'])]
    public function tagged(string $code): JsonResponse
    {
        return Answer::of($this->reader->withCode($code));
    }

    #[Route('/api/pieces/{id}/passport', requirements: self::ID, methods: ['GET'])]
    public function ofPiece(int $id): JsonResponse
    {
        return Answer::of($this->reader->one($this->reader->withPiece($id)));
    }

    #[Route('/api/passports/{id}/use', requirements: self::ID, methods: ['PUT'])]
    public function use(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] CareUseInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->keep->use($id, $input));
    }

    #[Route('/api/passports/{id}/cares', requirements: self::ID, methods: ['POST'])]
    public function caredFor(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] CaredForInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->keep->caredFor($id, $input));
    }

    #[Route('/api/passports/{id}/stored', requirements: self::ID, methods: ['PUT'])]
    public function store(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] StoreInput $input): JsonResponse
    {
        return $this->change($id, fn () => $this->keep->store($id, $input));
    }

    #[Route('/api/passports/{id}/owner', requirements: self::ID, methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function handOver(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        HandOverInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($id, fn () => $this->keep->handOver($id, $input, $this->members->person($member)));
    }

    /** Its care is shown to whoever has the address, a new one each time. */
    #[Route('/api/passports/{id}/care-page', requirements: self::ID, methods: ['POST'])]
    public function show(int $id): JsonResponse
    {
        return $this->change($id, fn () => $this->keep->show($id));
    }

    #[Route('/api/passports/{id}/care-page', requirements: self::ID, methods: ['DELETE'])]
    public function hide(int $id): JsonResponse
    {
        return $this->change($id, fn () => $this->keep->hide($id));
    }

    #[Route('/api/passports/{id}/care-card', requirements: self::ID, methods: ['GET'])]
    public function card(int $id): JsonResponse
    {
        return Answer::of($this->pages->of($this->reader->stored($id)));
    }

    /** The same as a sheet. */
    #[Route('/api/passports/{id}/care-card.pdf', requirements: self::ID, methods: ['GET'])]
    public function cardAsPdf(int $id): Response
    {
        $page = $this->pages->of($this->reader->stored($id));

        return $this->paper->answer(\sprintf('care-card-%d.pdf', $id), 'care-card.html.twig', ['page' => $page, 'zone' => $this->workshopTimezone]);
    }

    /** What comes back, by product, stretch of work, lot and season. */
    #[Route('/api/comes-back', methods: ['GET'])]
    #[IsGranted('ROLE_RESTORER')]
    public function comesBack(#[MapQueryParameter(options: ['min_range' => 1, 'max_range' => 20])] int $years = 1): JsonResponse
    {
        return Answer::of($this->whatComesBack->read($years));
    }

    /** How something like it was done before. */
    #[Route('/api/pieces/{id}/like', requirements: self::ID, methods: ['GET'])]
    public function like(int $id): JsonResponse
    {
        return Answer::of($this->lastTime->like($id));
    }

    /** Of a visit, were it to have come back for this. */
    #[Route('/api/pieces/{id}/causes/{fault}', requirements: self::ID, methods: ['GET'])]
    public function causes(int $id, Fault $fault): JsonResponse
    {
        return Answer::of($this->back->causes($id, $fault));
    }

    #[Route('/api/pieces/{id}/came-back', requirements: self::ID, methods: ['PUT'])]
    public function cameBack(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        CameBackInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->change($this->reader->withPiece($id), fn () => $this->back->tie($id, $input, $this->members->person($member)));
    }

    #[Route('/api/pieces/{id}/came-back', requirements: self::ID, methods: ['DELETE'])]
    public function didNot(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->change($this->reader->withPiece($id), fn () => $this->back->untie($id, $this->members->person($member)));
    }

    /** For who has the address, without signing in. */
    #[Route('/api/care/{address}', requirements: ['address' => '[a-z0-9-]{1,60}'], methods: ['GET'])]
    public function page(string $address, Request $request): JsonResponse
    {
        $this->guard->check($request);
        $passport = $this->address->find($address);
        if (null === $passport) {
            $this->guard->missed($request);
            throw new NotFoundHttpException();
        }

        return Answer::of($this->pages->of($passport));
    }

    #[Route('/calendar/care/{address}.ics', requirements: ['address' => '[a-z0-9-]{1,60}'], methods: ['GET'])]
    public function calendar(string $address, Request $request): Response
    {
        $this->guard->check($request);
        $passport = $this->address->find($address);
        if (null === $passport) {
            $this->guard->missed($request);
            throw new NotFoundHttpException();
        }

        return new Response($this->pages->calendar($passport), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=3600',
            'X-Robots-Tag' => 'noindex',
        ]);
    }

    /** @param \Closure(): void $act */
    private function change(int $id, \Closure $act): JsonResponse
    {
        return $this->once->answer($act, 200, fn (): PassportView => $this->reader->one($id));
    }
}
