<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\PieceRecorded;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Keeps the colour of a place. */
final readonly class TakeReading
{
    private const MOST = 20;

    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private ClockInterface $clock,
        private EventDispatcherInterface $events,
        private SettlingReader $settlings,
    ) {
    }

    /** @throws FieldError|ColourError */
    public function __invoke(int $id, ReadingInput $input, Person $by): Reading
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $place = new Place($input->part, $input->half);
        $piece->part($place);
        if (ReadSpot::Wanted === $input->spot) {
            throw new FieldError('spot', 'A wanted colour is not read off the piece.');
        }
        $reading = new Reading(
            piece: $piece,
            place: $place,
            spot: $input->spot,
            whereabouts: trim($input->whereabouts),
            gloss: $input->gloss,
            source: $input->source,
            measured: self::measured($input->measured, $input->labs),
            doubt: $input->doubt,
            by: $by,
            at: $this->clock->now(),
        );
        $this->entities->persist($reading);
        $lab = $reading->lab();
        $this->ledger->piece(
            Event::ColourRead,
            $piece,
            $by,
            \sprintf(
                'Colour of %s on the %s: L* %.1f, a* %.1f, b* %.1f, by %s.',
                $input->spot->label(),
                self::called($place),
                $lab->lightness,
                $lab->a,
                $lab->b,
                $input->source->label(),
            ),
        );

        if (ReadSpot::Settling === $input->spot) {
            // It is on its way: no step that asks for the colour is done with it.
            $this->entities->flush();
            $this->settlings->conclude($reading);

            return $reading;
        }
        $this->events->dispatch(new PieceRecorded($piece, $by));

        return $reading;
    }

    public static function called(Place $place): string
    {
        return ('whole' === $place->half->value ? '' : $place->half->value.' ').$place->part->label();
    }

    /**
     * @param list<list<float>> $spectra
     * @param list<list<float>> $labs    where there are none
     *
     * @return non-empty-list<Spectrum|Lab>
     */
    public static function measured(array $spectra, array $labs): array
    {
        $measured = [];
        foreach ($spectra as $values) {
            $measured[] = Spectra::of($values);
        }
        foreach ([] === $measured ? $labs : [] as $lab) {
            if (3 !== \count($lab)) {
                throw new FieldError('labs', 'A colour has three numbers: L*, a* and b*.');
            }
            try {
                $measured[] = Lab::of((float) $lab[0], (float) $lab[1], (float) $lab[2]);
            } catch (\DomainException $error) {
                throw new FieldError('labs', $error->getMessage());
            }
        }
        if ([] === $measured || \count($measured) > self::MOST) {
            throw new FieldError('measured', [] === $measured ? 'Nothing was read yet.' : 'Twenty measurements of a place are plenty.');
        }

        return $measured;
    }
}
