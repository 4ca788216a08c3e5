<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Settings\SpokenTime;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Writes to owners what is due, what is ready and what will be late: to each once, in one message, and in the way they like. */
final readonly class WriteMessages
{
    private const LONGEST_SUBJECT = 200;
    private const LONGEST_BODY = 6000;

    public function __construct(
        private EntityManagerInterface $entities,
        private SeasonReader $season,
        private MessageTexts $texts,
        private SpokenTime $spoken,
        private Ledger $ledger,
        private SendingHours $hours,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    /**
     * To those of them who want to be reminded, of what they have not been told yet.
     *
     * @throws Refused|FieldError
     */
    public function season(SeasonInput $input, Person $by): void
    {
        $written = 0;
        foreach ($this->season->toTell($input->month, $input->owners) as [$owner, $cares]) {
            $new = array_values(array_filter($cares, static fn (array $c): bool => !$c[3]));
            if ([] === $new || null === $owner->way()) {
                continue;
            }
            $message = $this->message($owner, Occasion::Care, $this->facts($owner, $new), $by);
            foreach ($new as [$passport, $due]) {
                $message->tells(MessageAbout::care($message, $passport, $due->kind, $input->month));
            }
            ++$written;
        }
        if (0 === $written) {
            throw Refused::now('Nobody of these is to be told anything new: they know already, do not want it, or cannot be reached.');
        }
    }

    /**
     * What one of them would be told; where they know it all, what they were told.
     *
     * @throws FieldError
     */
    public function preview(string $month, int $owner): PreviewView
    {
        [$who, $cares] = $this->season->toTell($month, [$owner])[0] ?? throw new NotFoundHttpException();
        $new = array_values(array_filter($cares, static fn (array $c): bool => !$c[3]));

        return new PreviewView(...$this->texts->filled(Occasion::Care, $this->facts($who, [] === $new ? $cares : $new)));
    }

    /**
     * That something is ready, or will be late.
     *
     * @throws Refused|FieldError
     */
    public function ticket(int $id, TicketMessageInput $input, Person $by): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        $here = array_values(array_filter(
            $ticket->pieces(),
            static fn (StoredPiece $p): bool => !$p->isCollected() && !$p->isCalledOff() && $p->isReady() === (Occasion::Ready === $input->occasion),
        ));
        if ([] === $here) {
            throw Refused::now(Occasion::Ready === $input->occasion ? 'Nothing of it is ready yet.' : 'Nothing of it is still to be done.');
        }
        $day = '';
        $facts = [];
        if (Occasion::Late === $input->occasion) {
            if ('' === trim($input->why)) {
                throw new FieldError('why', 'Say why it will be late.');
            }
            if (!$ticket->isPromised()) {
                throw Refused::now('No day has been promised yet. Promise one first.');
            }
            $day = $ticket->promisedAt()->setTimezone(new \DateTimeZone($this->workshopTimezone))->format('Y-m-d');
            $facts = ['day' => $this->spoken->day($ticket->promisedAt()), 'why' => rtrim(trim($input->why), '.')];
        }
        if (null === $ticket->owner()->way()) {
            throw Refused::now('Nobody has written down how they are reached.');
        }
        $pieces = Phrase::list(array_map(static fn (StoredPiece $p): string => $p->name(), $here));
        $message = $this->message($ticket->owner(), $input->occasion, ['owner' => $ticket->owner()->name(), 'pieces' => $pieces] + $facts, $by, $ticket);
        foreach ($here as $piece) {
            $about = MessageAbout::piece($message, $piece, $input->occasion, $day);
            if (null !== $this->entities->getRepository(MessageAbout::class)->findOneBy(['what' => $about->what()])) {
                throw Refused::now(\sprintf('They have been told that of %s.', $piece->name()));
            }
            $message->tells($about);
            $this->ledger->piece(Event::Told, $piece, $by, \sprintf('Written to the owner: %s.', $message->subject()));
        }
    }

    /**
     * @param list<array{Passport, CareDue, bool, bool}> $cares
     *
     * @return array<string, string>
     */
    private function facts(Owner $owner, array $cares): array
    {
        return [
            'owner' => $owner->name(),
            'pieces' => Phrase::list(array_values(array_unique(array_map(static fn (array $c): string => $c[0]->name(), $cares)))),
            'care' => implode("\n\n", array_map(
                fn (array $of): string => $of[0][0]->name()."\n".implode("\n", array_map($this->line(...), $of)),
                self::byPiece($cares),
            )),
        ];
    }

    /** @param array<string, string> $facts */
    private function message(Owner $owner, Occasion $occasion, array $facts, Person $by, ?Ticket $ticket = null): OwnerMessage
    {
        [$way, $at] = $owner->way() ?? throw new \LogicException('Not reached in any way.');
        [$subject, $body] = $this->texts->filled($occasion, $facts);
        if (mb_strlen($body) > self::LONGEST_BODY) {
            throw new FieldError('text', 'That becomes longer than anybody reads. Make it shorter.');
        }
        $message = new OwnerMessage(
            $owner,
            $occasion,
            $way,
            $at,
            mb_strimwidth($subject, 0, self::LONGEST_SUBJECT, '…'),
            $body,
            $this->clock->now(),
            $by,
            $this->hours->next(),
            $ticket,
        );
        $this->entities->persist($message);

        return $message;
    }

    /**
     * @param list<array{Passport, CareDue, bool, bool}> $cares
     *
     * @return list<non-empty-list<array{Passport, CareDue, bool, bool}>>
     */
    private static function byPiece(array $cares): array
    {
        $by = [];
        foreach ($cares as $care) {
            $by[$care[0]->id()][] = $care;
        }

        return array_values($by);
    }

    /** @param array{Passport, CareDue, bool, bool} $care */
    private function line(array $care): string
    {
        [, $due, $late] = $care;
        $day = $due->at->format($due->at->format('Y') === $this->clock->now()->format('Y') ? 'j F' : 'j F Y');

        return \sprintf('– %s, %s. %s', $due->kind->label(), $late ? "was due on $day" : "by $day", $due->why);
    }
}
