<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Ahead;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Settings\SpokenTime;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Writes a promise, on the ticket and in the ledger of each of its pieces. */
final readonly class GivePromise
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private EventDispatcherInterface $events,
        private ClockInterface $clock,
        private SpokenTime $spoken,
        private string $workshopTimezone,
    ) {
    }

    /** @throws Refused when it lies in the past, or somebody has promised something else meanwhile */
    public function __invoke(int $id, PromiseInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if ($ticket->promisedAt()->getTimestamp() !== strtotime($input->was)) {
            throw Refused::stale('Somebody has promised another day meanwhile. Look at it once more.');
        }
        $at = Ahead::of($input->promisedAt, new \DateTimeZone($this->workshopTimezone), $this->clock->now(), 'promisedAt');
        $before = $ticket->isPromised() ? $ticket->promisedAt() : null;
        $ticket->promise($at, $input->rush);
        foreach ($ticket->pieces() as $piece) {
            $this->ledger->piece(
                Event::Promised,
                $piece,
                $person,
                \sprintf(
                    'Promised for %s%s%s.',
                    $this->spoken->day($at),
                    $input->rush ? ', as a rush' : '',
                    null === $before ? '' : '; before that for '.$this->spoken->day($before),
                ),
            );
        }
        $this->events->dispatch(BenchChanged::inTime());
    }
}
