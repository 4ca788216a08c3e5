<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What is laid before an owner, what is found beside, what is to be paid. */
final readonly class OfferController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private OfferReader $reader,
        private OfferWork $work,
        private Supplements $supplements,
        private Invoices $invoices,
        private CurrentPrices $prices,
        private Figures $figures,
        private Members $members,
        private IdempotentRequest $once,
        private EventDispatcherInterface $events,
    ) {
    }

    #[Route('/api/pieces/{id}/offer', requirements: self::ID, methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    #[Route('/api/pieces/{id}/offer', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function make(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        OfferInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->work->make($id, $input, $this->members->person($member)),
            201,
            fn (): OfferView => $this->reader->of($id),
        );
    }

    #[Route('/api/pieces/{piece}/offer/{id}', requirements: ['piece' => '\d{1,9}', 'id' => '\d{1,9}'], methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function choose(
        int $piece,
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ChooseInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(function () use ($id, $input, $member): void {
            $this->work->choose($id, $input, $this->members->person($member));
            $this->events->dispatch(BenchChanged::inTime());
        }, view: fn (): OfferView => $this->reader->of($piece));
    }

    #[Route('/api/pieces/{id}/supplements', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function tell(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SupplementInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->supplements->tell($id, $input, $this->members->person($member)),
            201,
            fn (): OfferView => $this->reader->of($id),
        );
    }

    #[Route('/api/pieces/{piece}/supplements/{id}', requirements: ['piece' => '\d{1,9}', 'id' => '\d{1,9}'], methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function answer(
        int $piece,
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        AnswerInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->supplements->answer($id, $input, $this->members->person($member)),
            view: fn (): OfferView => $this->reader->of($piece),
        );
    }

    /** What it costs a year to keep a piece, against wearing it out. */
    #[Route('/api/care-of-a-year', methods: ['GET'])]
    public function care(#[MapQueryString] CareQuery $query = new CareQuery()): JsonResponse
    {
        return Answer::of($this->reader->care($query));
    }

    #[Route('/api/prices', methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function prices(): JsonResponse
    {
        return Answer::of($this->reader->terms());
    }

    #[Route('/api/prices', methods: ['PUT'])]
    #[IsGranted('ROLE_OWNER')]
    public function setPrices(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PriceTermsInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->prices->set($input, $this->members->person($member)),
            view: fn (): PriceTermsView => $this->reader->terms(),
        );
    }

    #[Route('/api/tickets/{id}/invoice', requirements: self::ID, methods: ['GET'])]
    public function invoice(int $id): JsonResponse
    {
        return Answer::of(new InvoicesView(array_filter([$this->reader->invoice($id)])));
    }

    #[Route('/api/tickets/{id}/invoice', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_COUNTER')]
    public function writeInvoice(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(
            fn () => $this->invoices->write($id, $this->members->person($member)),
            201,
            fn (): InvoicesView => new InvoicesView(array_filter([$this->reader->invoice($id)])),
        );
    }

    #[Route('/api/invoices', methods: ['GET'])]
    #[IsGranted('ROLE_COUNTER')]
    public function invoices(): JsonResponse
    {
        return Answer::of($this->reader->invoices());
    }

    #[Route('/api/invoices/{id}/paid', requirements: self::ID, methods: ['PUT'])]
    #[IsGranted('ROLE_COUNTER')]
    public function paid(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] PaidInput $input): JsonResponse
    {
        return $this->once->answer(fn () => $this->invoices->paid($id, $input), view: fn (): InvoicesView => $this->reader->invoices());
    }

    #[Route('/api/invoices.csv', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function invoicesCsv(): Response
    {
        $sum = LineView::sum(...);
        $rows = array_map(static fn (InvoiceView $i): array => [
            'number' => $i->number, 'date' => substr($i->at, 0, 10), 'customer' => $i->customer, 'currency' => $i->currency, 'net' => $sum($i->netCents),
            'tax %' => $i->taxPercent, 'tax' => $sum($i->taxCents), 'gross' => $sum($i->grossCents),
            'paid' => null === $i->paidAt ? '' : substr($i->paidAt, 0, 10),
            'how' => $i->how,
        ], $this->reader->invoices()->invoices);

        return CsvTable::answer('invoices.csv', ['number', 'date', 'customer', 'currency', 'net', 'tax %', 'tax', 'gross', 'paid', 'how'], $rows);
    }

    /** Real minutes and amounts against what was offered. */
    #[Route('/api/figures', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function figures(): JsonResponse
    {
        return Answer::of($this->figures->all());
    }

    /** The same, a line a month. */
    #[Route('/api/figures.csv', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function figuresCsv(): Response
    {
        $sum = LineView::sum(...);
        $rows = array_map(static fn (MonthView $m): array => [
            'month' => $m->month, 'foreseen min' => $m->foreseenMinutes, 'real min' => $m->realMinutes, 'pieces' => $m->pieces,
            'offered' => $sum($m->offeredCents), 'cost' => $sum($m->costCents), 'promised' => $m->promised, 'kept' => $m->kept, 'came back' => $m->back,
        ], $this->figures->all()->months);
        $heads = ['month', 'foreseen min', 'real min', 'pieces', 'offered', 'cost', 'promised', 'kept', 'came back'];

        return CsvTable::answer('figures.csv', $heads, $rows);
    }

    /** What was offered for each piece, which way was chosen, and for how much. */
    #[Route('/api/offers.csv', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function offersCsv(): Response
    {
        $heads = ['date', 'tag', 'piece', 'owner', 'meaning', 'way', 'minutes', 'net', 'gross', 'chosen'];

        return CsvTable::answer('offers.csv', $heads, $this->reader->offers());
    }
}
