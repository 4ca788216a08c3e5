<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Where what is done waits for its owner, and whether the owner knows. */
final readonly class ReadyShelf
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private ClockInterface $clock)
    {
    }

    public function put(int $piece, ShelfInput $input): void
    {
        $stored = $this->entities->find(StoredPiece::class, $piece) ?? throw new NotFoundHttpException();
        $stored->standsAt(trim($input->shelf));
    }

    public function told(int $id, ToldInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id) ?? throw new NotFoundHttpException();
        $ticket->told($this->clock->now());
        foreach ($ticket->pieces() as $piece) {
            if ($piece->isReady() && !$piece->isCollected()) {
                $this->ledger->piece(Event::Told, $piece, $person, 'The owner knows that it is ready: '.trim($input->how));
            }
        }
    }
}
