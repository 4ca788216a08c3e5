<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\Device\ColourReader;
use KindHeel\App\Colour\Device\LookAt;
use KindHeel\App\Colour\File\Cgats;
use KindHeel\App\Colour\File\Csv;
use KindHeel\App\Colour\File\Sample;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Colours of places: measured, kept, compared. */
final readonly class ReadingController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private PieceColourReader $reader,
        private TakeReading $take,
        private WantColour $want,
        private ColourReader $instrument,
        private PictureColour $pictures,
        private EntityManagerInterface $entities,
        private Members $members,
        private IdempotentRequest $once,
        private WatchSettling $watch,
    ) {
    }

    /** One measurement of what lies under the reader; nothing is kept. */
    #[Route('/api/reader', methods: ['POST'])]
    public function measure(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] LookInput $input): JsonResponse
    {
        $spectrum = $this->instrument->measure(match ($input->what) {
            'place' => LookAt::place((int) $input->piece, $input->half->value ?? 'whole', $input->part->value ?? '', $input->spot->value),
            'dab' => LookAt::dab((int) $input->pot),
            'swatch' => LookAt::swatch((int) $input->swatch),
            'card' => LookAt::card((string) $input->card),
            'draw-down' => LookAt::drawDown((int) $input->product, (string) $input->card, (float) $input->dryUm),
            'dyed' => LookAt::dyed((int) $input->product, (int) $input->swatch, (int) $input->thinner, (int) $input->coats, (string) $input->applicator),
            default => throw new FieldError('what', 'The reader looks at a place, a dab, a swatch, a card, a draw-down or a dyed swatch.'),
        })->onGrid();

        return Answer::of(new MeasurementView($spectrum->values, SeenView::of($spectrum)));
    }

    #[Route('/api/pieces/{id}/colour', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function piece(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    #[Route('/api/pieces/{id}/readings', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function keep(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ReadingInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn () => ($this->take)($id, $input, $this->members->person($member)), 201, fn (): PieceColourView => $this->reader->of($id));
    }

    /** The colour that parts are to have. */
    #[Route('/api/pieces/{id}/wanted-colours', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function want(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        WantedInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(fn () => ($this->want)($id, $input, $this->members->person($member)), 201, fn (): PieceColourView => $this->reader->of($id));
    }

    /** A place is watched while it comes back. */
    #[Route('/api/pieces/{id}/settlings', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function watch(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SettlingInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->once->answer(
            fn () => ($this->watch)($id, $input, $this->members->person($member)),
            201,
            fn (): PieceColourView => $this->reader->of($id),
        );
    }

    #[Route('/api/settlings/{id}', requirements: ['id' => '\d{1,9}'], methods: ['DELETE'])]
    public function leave(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        $piece = 0;

        return $this->once->answer(function () use ($id, $member, &$piece): void {
            $piece = $this->watch->leave($id, $this->members->person($member));
        }, 200, function () use (&$piece): PieceColourView {
            return $this->reader->of($piece);
        });
    }

    /** What two readings have between them goes into the ledger. */
    #[Route('/api/readings/{one}/against/{other}', requirements: ['one' => '\d{1,9}', 'other' => '\d{1,9}'], methods: ['POST'])]
    public function compare(int $one, int $other, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(fn (): PieceColourView => $this->reader->of($this->reader->keep($one, $other, $this->members->person($member))));
    }

    /** What is in a file of readings; nothing is kept. */
    #[Route('/api/readings/file', methods: ['POST'])]
    public function file(#[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] FileInput $input): JsonResponse
    {
        $samples = str_contains(strtoupper($input->text), 'BEGIN_DATA') || str_starts_with(strtoupper(ltrim($input->text)), 'CGATS')
                ? Cgats::read($input->text)
                : Csv::read($input->text);

        return Answer::of(
            new SamplesView(
                array_map(static function (Sample $sample): SampleView {
                    $colour = $sample->colour;
                    $lab = $colour instanceof Spectrum ? Light::daylight()->lab($colour) : $colour;

                    return new SampleView(
                        $sample->name,
                        $colour instanceof Spectrum ? array_map(static fn (float $v): float => min(1.0, $v), $colour->onGrid()->values) : null,
                        LabView::of($lab),
                        $lab->toSrgbHex(),
                    );
                }, $samples),
            ),
        );
    }

    /** All readings of a piece as CGATS text: the measured ones as spectra, or all as L*a*b* where one is not. */
    #[Route('/api/pieces/{id}/readings.txt', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function download(int $id): Response
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $readings = $this->entities->getRepository(Reading::class)->findBy(['piece' => $piece], ['id' => 'ASC']);
        if ([] === $readings) {
            throw new NotFoundHttpException();
        }
        $spectral = [] === array_filter($readings, static fn (Reading $r): bool => !$r->isMeasured());
        $samples = array_map(
            static fn (Reading $r): Sample => new Sample(TakeReading::called($r->place()).', '.$r->spot()->label(), $spectral ? $r->spectrum() : $r->lab()),
            $readings,
        );

        return new Response(
            Cgats::write($samples),
            headers: ['Content-Type' => 'text/plain; charset=utf-8', 'Content-Disposition' => \sprintf('attachment; filename="readings-%d.txt"', $id)],
        );
    }

    /** Where the workshop's card lies in a picture. */
    #[Route('/api/pictures/{id}/card', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function findCard(int $id): JsonResponse
    {
        return Answer::of($this->pictures->find($id));
    }

    #[Route('/api/colours/card', methods: ['GET'])]
    public function card(): JsonResponse
    {
        return Answer::of($this->pictures->card());
    }

    #[Route('/api/pictures/{id}/colour', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function picture(int $id, #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)] PictureColourInput $input): JsonResponse
    {
        return Answer::of($this->pictures->read($id, $input));
    }
}
