<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Text\Phrase;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Notes are lines in the ledger; those on a step are shown with it. */
final readonly class WriteNote
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger)
    {
    }

    /** @throws Refused when the piece has no such part or step */
    public function onPiece(int $id, NoteInput $input, Person $person): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $text = trim($input->text);
        if (null !== $input->step) {
            $step = $this->entities->find(StoredStep::class, $input->step);
            if (null === $step || $step->piece() !== $piece) {
                throw Refused::now('That step is not in the plan any more. Write it on the piece.');
            }
            $this->ledger->step(Event::Noted, $step, $person, $text);

            return;
        }
        if (null !== $input->part) {
            $at = new Place($input->part, $input->half ?? $piece->kind()->halves()[0]);
            if (null === $piece->partAt($at)) {
                throw Refused::now(Phrase::sentence('There is no %s on it.', $at->label()));
            }
            $text = Phrase::sentence('%s: %s', $at->label(), $text);
        }
        $this->ledger->piece(Event::Noted, $piece, $person, $text);
    }

    /** On all that is on a ticket. */
    public function onTicket(int $id, NoteInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id) ?? throw new NotFoundHttpException();
        foreach ($ticket->pieces() as $piece) {
            $this->ledger->piece(Event::Noted, $piece, $person, trim($input->text));
        }
    }
}
