<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Counter\OpenTicket;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Text\FieldError;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Opens a ticket; a piece that was here before is written down as it was, and a usual job is planned at once. */
final readonly class TakeIn
{
    public function __construct(
        private EntityManagerInterface $entities,
        private OpenTicket $open,
        private MakePlan $plan,
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
            $this->entities->flush();
            $this->plan->plan($piece, $by);
            $this->events->dispatch(BenchChanged::inTime());
        }
    }
}
