<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\PlaceInput;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\MeasuredSet;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Parts are to have a colour: it is kept beside what is there, and agreed on as a recolour of them. */
final readonly class WantColour
{
    public function __construct(
        private EntityManagerInterface $entities,
        private PotReader $pots,
        private ColourShelf $shelf,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** @throws FieldError */
    public function __invoke(int $id, WantedInput $input, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $places = array_map(static fn (PlaceInput $p): Place => $p->place(), $input->places);
        [$colours, $source, $said] = $this->colour($input);
        $wanted = fn (Place $place): Reading => new Reading(
            piece: $piece,
            place: $place,
            spot: ReadSpot::Wanted,
            whereabouts: mb_substr('' === trim($input->whereabouts) ? $said : trim($input->whereabouts), 0, 120),
            gloss: $input->gloss,
            source: $source,
            measured: $colours,
            doubt: $input->doubt,
            by: $by,
            at: $this->clock->now(),
        );
        foreach ($places as $place) {
            $piece->part($place);
            $this->entities->persist($wanted($place));
        }
        $lab = MeasuredSet::of($colours)->lab;
        $shade = Shade::nearest($lab);
        $whole = $piece->toCore()->agreed;
        // What the whole piece is agreed to go to needs no word of its own.
        $isWhole = null !== $input->shade && [Aim::Recolour, $input->gloss, $input->shade] === [$whole->aim, $whole->gloss, $whole->newShade];
        $piece->lookOver(...array_map(static function (Place $place) use ($piece, $whole, $isWhole, $shade, $lab, $input): Part {
            $part = $piece->part($place);
            $patina = ($part->agreed ?? $whole)->patina;

            return $part->going($isWhole && $patina === $whole->patina ? null : new Agreed(Aim::Recolour, $input->gloss, $patina, $shade, $lab));
        }, $places));
        $this->ledger->piece(Event::ColourRead, $piece, $by, mb_substr(\sprintf(
            'Wanted on the %s: L* %.1f, a* %.1f, b* %.1f, %s.',
            Phrase::list(array_map(static fn (Place $p): string => $p->label(), $places)),
            $lab->lightness,
            $lab->a,
            $lab->b,
            $said,
        ), 0, 300));
    }

    /** @return array{non-empty-list<Spectrum|Lab>, ReadingSource, string} what it is, how it came to be known, and that in words */
    private function colour(WantedInput $input): array
    {
        if (null !== $input->shade) {
            return [[$input->shade->lab()], ReadingSource::Family, $input->shade->label()];
        }
        if (null !== $input->reading) {
            $like = $this->entities->find(Reading::class, $input->reading) ?? throw new FieldError('reading', 'That colour has not been read.');
            $read = $like->isMeasured() ? $like->spectrum() : $like->lab();

            return [[$read], ReadingSource::Like, 'as '.TakeReading::called($like->place()).' of '.$like->piece()->name()];
        }
        if (null !== $input->pot) {
            $pot = $this->pots->pot($input->pot);
            $look = $pot->value()->look($this->shelf->palette()) ?? throw new FieldError('pot', 'There is no colour in that pot.');

            return [[Sheen::moved($look, Gloss::Mirror, $pot->finish())], ReadingSource::Pot, 'as “'.$pot->name().'”'];
        }

        return [TakeReading::measured($input->measured, $input->labs), $input->source, $input->source->label()];
    }
}
