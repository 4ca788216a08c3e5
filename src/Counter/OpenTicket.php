<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Ahead;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\PassportCode;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class OpenTicket
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private ClockInterface $clock,
        private WorkingHours $hours,
        private string $workshopTimezone,
        private KnownOwner $owners,
    ) {
    }

    /** @throws FieldError when the promised date is none, or has passed */
    public function __invoke(TicketInput $input, Person $by): Ticket
    {
        $now = $this->clock->now();
        $isPromised = '' !== trim($input->promisedAt);
        $promised = $isPromised ? Ahead::of($input->promisedAt, new \DateTimeZone($this->workshopTimezone), $now, 'promisedAt') : $this->inAWeek($now);
        [$customer, $contact] = [trim($input->customer), trim($input->contact)];
        $owner = $this->owners->of($customer, $contact, $now);
        $ticket = new Ticket($customer, $contact, $promised, trim($input->wish), $now, $by, $isPromised, $owner);
        $this->entities->persist($ticket);
        foreach ($input->pieces as $piece) {
            $this->piece($ticket, $piece, $by);
        }
        $this->entities->flush();

        return $ticket;
    }

    /**
     * One more piece on a ticket that is open.
     *
     * @throws FieldError when it has no such size
     * @throws Refused    when all of the ticket has gone home, or it is full
     */
    public function add(int $ticket, PieceInput $piece, Person $by): StoredPiece
    {
        $ticket = $this->entities->find(Ticket::class, $ticket, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if ([] === array_filter($ticket->pieces(), static fn (StoredPiece $p): bool => !$p->isCollected())) {
            throw Refused::now('Nothing of this ticket is here any more. Open a new one.');
        }
        if (\count($ticket->pieces()) >= TicketInput::PIECES) {
            throw Refused::now('A dozen pieces a ticket at most. Open another.');
        }
        $stored = $this->piece($ticket, $piece, $by);
        $this->entities->flush();

        return $stored;
    }

    private function piece(Ticket $ticket, PieceInput $piece, Person $by): StoredPiece
    {
        $stored = new StoredPiece(
            $ticket,
            trim($piece->name),
            $piece->kind,
            Size::of($piece->kind, $piece->sizeEu, $piece->lengthMm),
            new Agreed($piece->aim, $piece->gloss),
            $piece->shade,
            $this->passport($ticket->owner(), $piece),
        );
        $this->entities->persist($stored);
        $this->ledger->piece(Event::Opened, $stored, $by, '' === $ticket->wish() ? 'Taken in.' : \sprintf('Taken in. “%s”', $ticket->wish()));

        return $stored;
    }

    private function passport(Owner $owner, PieceInput $piece): Passport
    {
        $passport = new Passport($owner, trim($piece->name), $piece->kind, PassportCode::fresh(), $this->clock->now());
        $this->entities->persist($passport);

        return $passport;
    }

    /** What it is reckoned with until a day is promised: the end of the first day, a week from now or later, on which somebody works. */
    private function inAWeek(\DateTimeImmutable $now): \DateTimeImmutable
    {
        $from = $now->modify('+7 days')->setTimezone(new \DateTimeZone($this->workshopTimezone))->setTime(0, 0);
        $closing = $this->hours->openings($this->hours->from($from), $from)[0][1] ?? null;
        $at = null === $closing ? $from->setTime(17, 0) : $from->modify(\sprintf('+%d minutes', $closing));

        return $at->setTimezone(new \DateTimeZone('UTC'));
    }
}
