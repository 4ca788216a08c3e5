<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Files\SentFile;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The shelf: products, their lots, what is taken from them. */
final readonly class ShelfController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private ShelfReader $reader,
        private ShowShelf $show,
        private ShelfWork $work,
        private SafetySheets $sheets,
        private ProductCsv $csv,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/shelf', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return $this->show->answer();
    }

    #[Route('/api/products', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function add(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] ProductInput $input): JsonResponse
    {
        return $this->once->answer(fn (): ProductSheetView => $this->reader->product($this->work->add($input)->id()), 201);
    }

    #[Route('/api/products/{id}', requirements: self::ID, methods: ['GET'])]
    public function product(int $id): JsonResponse
    {
        return Answer::of($this->reader->product($id));
    }

    #[Route('/api/products/{id}', requirements: self::ID, methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function change(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] ProductInput $input): JsonResponse
    {
        return $this->onProduct(fn () => $this->work->change($id, $input), $id);
    }

    #[Route('/api/products/{id}/lots', requirements: self::ID, methods: ['POST'])]
    public function buy(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        BuyInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->onProduct(fn () => $this->work->buy($id, $input, $this->members->person($member)), $id, 201);
    }

    #[Route('/api/products/{id}/sheet', requirements: self::ID, methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function keepSheet(int $id, Request $request): JsonResponse
    {
        $file = SentFile::of($request);

        return $this->onProduct(fn () => $this->sheets->keep($id, $file), $id);
    }

    #[Route('/api/products/{id}/sheet', requirements: self::ID, methods: ['GET'])]
    public function sheet(int $id): Response
    {
        return new Response($this->sheets->of($id), headers: [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="safety-sheet.pdf"',
            'Content-Security-Policy' => "default-src 'none'",
        ]);
    }

    /** For who walks along the shelf and counts. */
    #[Route('/api/lots', methods: ['GET'])]
    public function lots(): JsonResponse
    {
        return Answer::of($this->reader->standing());
    }

    #[Route('/api/lots/{id}', requirements: self::ID, methods: ['GET'])]
    public function lot(int $id): JsonResponse
    {
        return Answer::of($this->reader->lot($id));
    }

    #[Route('/api/lots/{id}/open', requirements: self::ID, methods: ['POST'])]
    public function open(int $id): JsonResponse
    {
        return $this->onLot(fn () => $this->work->open($id), $id);
    }

    #[Route('/api/lots/{id}/open', requirements: self::ID, methods: ['DELETE'])]
    public function closeAgain(int $id): JsonResponse
    {
        return $this->onLot(fn () => $this->work->closeAgain($id), $id);
    }

    #[Route('/api/lots/{id}/left', requirements: self::ID, methods: ['PUT'])]
    public function settle(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        LeftInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->onLot(fn () => $this->work->settle($id, $input, $this->members->person($member)), $id);
    }

    #[Route('/api/lots/{id}/place', requirements: self::ID, methods: ['PUT'])]
    public function put(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] PlaceOnShelfInput $input): JsonResponse
    {
        return $this->onLot(fn () => $this->work->put($id, $input), $id);
    }

    #[Route('/api/lots/{id}/empty', requirements: self::ID, methods: ['POST'])]
    public function throwAway(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ThrowInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->onLot(fn () => $this->work->throwAway($id, $input, $this->members->person($member)), $id);
    }

    #[Route('/api/lots/{id}/empty', requirements: self::ID, methods: ['DELETE'])]
    public function back(int $id): JsonResponse
    {
        return $this->onLot(fn () => $this->work->back($id), $id);
    }

    #[Route('/api/lots/{id}/taken', requirements: self::ID, methods: ['POST'])]
    public function take(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TakenInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->onLot(fn () => $this->work->take($id, $input, $this->members->person($member)), $id);
    }

    /** “What was on this piece?” */
    #[Route('/api/pieces/{id}/products', requirements: self::ID, methods: ['GET'])]
    public function onPiece(int $id): JsonResponse
    {
        return Answer::of($this->reader->onPiece($id));
    }

    #[Route('/api/pieces/{piece}/steps/{id}/taken', requirements: ['piece' => '\d{1,9}', 'id' => '\d{1,9}'], methods: ['PUT'])]
    public function correct(
        int $piece,
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TakenInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => $this->work->correct($piece, $id, $input, $this->members->person($member)),
            view: fn (): OnPieceView => $this->reader->onPiece($piece),
        );
    }

    #[Route('/api/orders', methods: ['GET'])]
    public function orders(): JsonResponse
    {
        return Answer::of($this->reader->orders());
    }

    #[Route('/api/orders', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function order(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        OrderInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->onOrders(fn () => $this->work->order($input, $this->members->person($member)), 201);
    }

    #[Route('/api/orders/{id}/received', requirements: self::ID, methods: ['POST'])]
    public function receive(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->onOrders(fn () => $this->work->receive($id, $this->members->person($member)));
    }

    #[Route('/api/orders/{id}', requirements: self::ID, methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function callOff(int $id): JsonResponse
    {
        return $this->onOrders(fn () => $this->work->callOff($id));
    }

    #[Route('/api/orders.csv', methods: ['GET'])]
    public function ordersCsv(): Response
    {
        return CsvTable::answer('order-list.csv', ['supplier', 'product', 'packs', 'pack', 'price'], array_map(static fn (OrderLineView $l): array => [
            'supplier' => $l->supplier, 'product' => $l->name, 'packs' => $l->packs, 'pack' => $l->pack.' '.$l->unit->value,
            'price' => null === $l->cents ? '' : \sprintf('%d.%02d', intdiv($l->cents, 100), $l->cents % 100),
        ], $this->reader->orders()->toOrder));
    }

    #[Route('/api/products.csv', methods: ['GET'])]
    public function productsCsv(): Response
    {
        return CsvTable::file('products.csv', $this->csv->write());
    }

    /** What it would change; and, asked to, changes it. */
    #[Route('/api/products/csv', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function takeCsv(Request $request, #[MapQueryParameter] bool $apply = false): JsonResponse
    {
        $bytes = (string) file_get_contents(SentFile::of($request));

        return $this->once->answer(fn (): CsvPreviewView => $this->csv->read($bytes, $apply));
    }

    /** @param \Closure(): mixed $act */
    private function onProduct(\Closure $act, int $id, int $status = 200): JsonResponse
    {
        return $this->once->answer($act, $status, fn (): ProductSheetView => $this->reader->product($id));
    }

    /** @param \Closure(): mixed $act */
    private function onLot(\Closure $act, int $id): JsonResponse
    {
        return $this->once->answer($act, view: fn (): LotSheetView => $this->reader->lot($id));
    }

    /** @param \Closure(): mixed $act */
    private function onOrders(\Closure $act, int $status = 200): JsonResponse
    {
        return $this->once->answer($act, $status, fn (): OrdersView => $this->reader->orders());
    }
}
