<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Reason;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Pieces go home; that a thing is done and that somebody has it are two acts. */
final readonly class Collect
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private EventDispatcherInterface $events,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused when it is not here any more, or not done and nobody says why it goes all the same */
    public function __invoke(int $id, CollectInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        $pieces = array_values(array_filter($ticket->pieces(), static fn (StoredPiece $p): bool => \in_array($p->id(), $input->pieces, true)));
        if (\count($pieces) < \count(array_unique($input->pieces))) {
            throw Refused::now('One of these does not belong to this ticket.');
        }
        $at = $this->clock->now();
        foreach ($pieces as $piece) {
            if ($piece->isCollected()) {
                throw Refused::stale(\sprintf('“%s” has been collected already.', $piece->name()));
            }
            if (!$piece->isReady()) {
                Reason::orRefuse(\sprintf('“%s” is not done yet.', $piece->name()), $input->why, $person);
            }
        }
        $this->entities->persist(
            new Collection($ticket, $pieces, trim($input->by), $input->paid, $input->amountCents, trim($input->how), trim($input->note), $person, $at),
        );
        foreach ($pieces as $piece) {
            $undone = !$piece->isReady();
            $piece->collected($at);
            $this->ledger->piece(Event::Collected, $piece, $person, self::told($input).($undone ? ' Not done: '.trim($input->why ?? '') : ''));
        }
        $this->events->dispatch(BenchChanged::inTime());
    }

    private static function told(CollectInput $input): string
    {
        $sum = null === $input->amountCents ? '' : \sprintf(' %s', number_format($input->amountCents / 100, 2, '.', ' '));
        $how = '' === trim($input->how) ? '' : ', '.trim($input->how);
        $note = '' === trim($input->note) ? '' : ' '.trim($input->note);

        return \sprintf('Collected by %s; %s%s%s.%s', trim($input->by), $input->paid->told(), $sum, $how, $note);
    }
}
