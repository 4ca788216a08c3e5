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
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Pieces leave the workshop’s hands without being done, and come back into them when that, or their being collected, was a mistake. */
final readonly class CallOff
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private EventDispatcherInterface $events,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused when one is not here any more */
    public function __invoke(int $id, CallOffInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        $at = $this->clock->now();
        foreach ($ticket->these($input->pieces) as $piece) {
            $piece->callOff($input->what, $at);
            $this->ledger->piece(Event::CalledOff, $piece, $person, \sprintf('Called off: %s. %s', $input->what->told(), trim($input->why)));
        }
        $this->events->dispatch(BenchChanged::inTime());
    }

    /** @throws Refused when it never left */
    public function undo(int $id, WhyInput $input, Person $person): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $ticket = $piece->ticket();
        $this->entities->refresh($ticket, LockMode::PESSIMISTIC_WRITE);
        $this->entities->refresh($piece);
        if (!$piece->isCollected()) {
            throw Refused::stale(\sprintf('“%s” is here already.', $piece->name()));
        }
        foreach ($this->entities->getRepository(Collection::class)->findBy(['ticket' => $ticket]) as $collection) {
            $collection->without($piece);
        }
        $told = \sprintf($piece->isCalledOff() ? 'It goes on after all: %s' : 'It has not been collected: %s', trim($input->why));
        $piece->isBack();
        $this->ledger->piece(Event::TakenBack, $piece, $person, $told);
        $this->events->dispatch(BenchChanged::inTime());
    }
}
