<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\WantColour;
use KindHeel\App\Colour\WantedInput;
use KindHeel\App\Counter\OpenTicket;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\PlaceInput;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Text\FieldError;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Opens a ticket; a piece that was here before is written down as it was, and a usual job is planned at once. */
final readonly class TakeIn
{
    public function __construct(
        private EntityManagerInterface $entities,
        private OpenTicket $open,
        private MakePlan $plan,
        private WantColour $want,
        private EventDispatcherInterface $events,
    ) {
    }

    /** @throws FieldError|Refused */
    public function __invoke(IntakeInput $input, Person $by): Ticket
    {
        $ticket = ($this->open)($input->ticket, $by);
        foreach ($ticket->pieces() as $i => $piece) {
            $this->write($piece, $input->with[$i] ?? new WithPieceInput(), $by);
        }
        $this->entities->flush();

        return $ticket;
    }

    /**
     * One more piece on a ticket that is open.
     *
     * @throws FieldError|Refused
     */
    public function add(int $ticket, AddPieceInput $input, Person $by): void
    {
        $this->write($this->open->add($ticket, $input->piece, $by), $input->with, $by);
        $this->entities->flush();
    }

    /** @throws FieldError|Refused */
    private function write(StoredPiece $piece, WithPieceInput $with, Person $by): void
    {
        if (null !== $with->like) {
            $past = $this->entities->find(StoredPiece::class, $with->like) ?? throw Refused::now('That piece is not known here any more.');
            if ($past->kind() !== $piece->kind()) {
                throw Refused::now(\sprintf('“%s” is another kind of piece: it cannot be taken in like that.', $past->name()));
            }
            $piece->copyFrom($past);
            if ($past->passport()->owner() === $piece->ticket()->owner()) {
                $this->entities->remove($piece->passport());
                $piece->isTheSameAs($past);
            }
        }
        if (null !== $with->job) {
            $job = $this->entities->find(UsualJob::class, $with->job) ?? throw Refused::now('That job is not kept any more. Choose another.');
            if (!$job->isFor($piece->kind()->family())) {
                throw Refused::now(\sprintf('“%s” is no job for this kind of piece. Choose another.', $job->name()));
            }
            $job->writeOn($piece);
            $piece->takenInAs($job->id());
        }
        $this->recolour($piece, $with->newColours, $by);
        if (null !== $with->job) {
            $this->entities->flush();
            $this->plan->plan($piece, $by);
            $this->events->dispatch(BenchChanged::inTime());
        }
    }

    /**
     * What was said for a part goes before what was said for the whole.
     *
     * @param list<NewColourInput> $colours
     *
     * @throws FieldError
     */
    private function recolour(StoredPiece $piece, array $colours, Person $by): void
    {
        if ([] === $colours) {
            return;
        }
        $agreed = $piece->toCore()->agreed;
        if (Aim::Recolour !== $agreed->aim) {
            throw new FieldError('aim', 'A new colour is brought by a recolour: say that it is to be recoloured.');
        }
        $places = array_map(static fn (Part $p): Place => $p->at, $piece->toCore()->parts);
        $own = array_merge(...array_map(static fn (NewColourInput $c): array => $c->parts, $colours));
        foreach ($own as $part) {
            if (!\in_array($part, array_map(static fn (Place $p): PartName => $p->part, $places), true)) {
                throw new FieldError('newColours', \sprintf('“%s” has no %s.', $piece->name(), $part->label()));
            }
        }
        foreach ($colours as $colour) {
            if ([] === $colour->parts) {
                $piece->agree(new Agreed($agreed->aim, $agreed->gloss, $agreed->patina, $colour->shade));
            }
            $on = array_filter($places, static fn (Place $p): bool => [] === $colour->parts
                ? $p->part->isOuter() && !\in_array($p->part, $own, true)
                : \in_array($p->part, $colour->parts, true));
            if ([] === $on) {
                continue;
            }
            ($this->want)($piece->id(), new WantedInput(
                array_map(static fn (Place $p): PlaceInput => new PlaceInput($p->part, $p->half), array_values($on)),
                $colour->shade,
                gloss: $agreed->gloss,
                whereabouts: 'said at the counter',
            ), $by);
        }
    }
}
