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
use KindHeel\Core\Anatomy\Size;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What was written down wrongly at the counter is put right; the ledger of each piece says what it was. */
final readonly class CorrectTicket
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private EventDispatcherInterface $events)
    {
    }

    /** @throws Refused when somebody has corrected it meanwhile, or it has been worked by that size */
    public function __invoke(int $id, CorrectInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if ($ticket->seen() !== $input->seen) {
            throw Refused::stale('Somebody has corrected this ticket meanwhile. Look at it once more.');
        }
        $was = ['owner' => $ticket->customer(), 'contact' => $ticket->contact(), 'wish' => $ticket->wish()];
        $ticket->correct(trim($input->customer), trim($input->contact), trim($input->wish));
        $of = self::told($was, ['owner' => $ticket->customer(), 'contact' => $ticket->contact(), 'wish' => $ticket->wish()]);
        foreach ($ticket->pieces() as $piece) {
            $said = [...$of, ...$this->piece($piece, $input->pieces)];
            if ([] !== $said) {
                $this->ledger->piece(Event::Corrected, $piece, $person, 'Corrected: '.implode('; ', $said).'.');
            }
        }
        $this->events->dispatch(BenchChanged::inTime());
    }

    /**
     * @param list<CorrectPieceInput> $inputs
     *
     * @return list<string> what has changed
     *
     * @throws Refused
     */
    private function piece(StoredPiece $piece, array $inputs): array
    {
        foreach ($inputs as $input) {
            if ($input->id === $piece->id()) {
                $was = ['name' => $piece->name(), 'size' => self::size($piece->size())];
                $size = Size::of($piece->kind(), $input->sizeEu ?? $piece->size()->eu, $input->lengthMm ?? $piece->size()->mm);
                if (self::size($size) !== $was['size'] && $piece->hasBegun()) {
                    throw Refused::now(\sprintf('“%s” has been worked on as size %s. Plan anew first, or let it stand.', $piece->name(), $was['size']));
                }
                $piece->correct(trim($input->name), $size);

                return self::told($was, ['name' => $piece->name(), 'size' => self::size($piece->size())]);
            }
        }

        return [];
    }

    private static function size(Size $size): string
    {
        return null !== $size->eu ? (string) $size->eu : (null === $size->mm ? '' : $size->mm.' mm');
    }

    /**
     * @param array<string, string> $was
     * @param array<string, string> $is
     *
     * @return list<string>
     */
    private static function told(array $was, array $is): array
    {
        $said = [];
        foreach ($was as $what => $before) {
            if ($before !== $is[$what]) {
                $said[] = \sprintf('%s was “%s”, is “%s”', $what, $before, $is[$what]);
            }
        }

        return $said;
    }
}
