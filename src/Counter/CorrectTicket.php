<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\ReachedBy;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What was written down wrongly at the counter is put right; the ledger of each piece says what it was. */
final readonly class CorrectTicket
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private EventDispatcherInterface $events,
        private KnownOwner $owners,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @throws Refused    when somebody has corrected it meanwhile, or it has been worked as what it was
     * @throws FieldError when what was found on it does not go with another kind, or it has no such size
     */
    public function __invoke(int $id, CorrectInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if ($ticket->seen() !== $input->seen) {
            throw Refused::stale('Somebody has corrected this ticket meanwhile. Look at it once more.');
        }
        $was = ['owner' => $ticket->customer(), 'contact' => $ticket->contact(), 'wish' => $ticket->wish()];
        $ticket->correct(trim($input->customer), trim($input->contact), trim($input->wish));
        $this->reown($ticket, $was['owner'], $was['contact']);
        $of = self::told($was, ['owner' => $ticket->customer(), 'contact' => $ticket->contact(), 'wish' => $ticket->wish()]);
        foreach ($ticket->pieces() as $piece) {
            $said = [...$of, ...$this->piece($piece, $input->pieces)];
            if ([] !== $said) {
                $this->ledger->piece(Event::Corrected, $piece, $person, 'Corrected: '.implode('; ', $said).'.');
            }
        }
        $this->events->dispatch(BenchChanged::inTime());
    }

    /** Another name is another owner, unless nothing else is known of the one that was written down: then it was a slip of the pen. */
    private function reown(Ticket $ticket, string $name, string $contact): void
    {
        if ($ticket->customer() === $name && $ticket->contact() === $contact) {
            return;
        }
        $owner = $ticket->owner();
        if (1 === $this->entities->getRepository(Ticket::class)->count(['owner' => $owner])) {
            $ways = array_values(array_filter($owner->ways(), static fn (array $w): bool => $w['at'] !== $contact));
            if ('' !== $ticket->contact()) {
                array_unshift($ways, ['by' => ReachedBy::guess($ticket->contact())->value, 'at' => $ticket->contact()]);
            }
            $may = [$owner->mayKeepPictures(), $owner->mayBeReminded()];
            $owner->is($ticket->customer(), $ways, $owner->likes(), $owner->language(), $owner->notes(), ...$may);

            return;
        }
        $other = $this->owners->of($ticket->customer(), $ticket->contact(), $this->clock->now());
        $ticket->isOf($other);
        foreach ($ticket->pieces() as $piece) {
            if ($piece->passport()->owner() === $owner && 1 === $this->entities->getRepository(StoredPiece::class)->count(['passport' => $piece->passport()])) {
                $piece->passport()->handOver($other);
            }
        }
    }

    /**
     * @param list<CorrectPieceInput> $inputs
     *
     * @return list<string> what has changed
     *
     * @throws Refused|FieldError
     */
    private function piece(StoredPiece $piece, array $inputs): array
    {
        foreach ($inputs as $input) {
            if ($input->id === $piece->id()) {
                $was = self::of($piece);
                $kind = $input->kind ?? $piece->kind();
                $size = $kind === $piece->kind()
                    ? Size::of($kind, $input->sizeEu ?? $piece->size()->eu, $input->lengthMm ?? $piece->size()->mm)
                    : Size::of($kind, $input->sizeEu, $input->lengthMm);
                if ($kind !== $piece->kind()) {
                    if ($piece->hasBegun()) {
                        throw Refused::now(
                            \sprintf('“%s” has been worked on as %s. Call it off and take it in anew.', $piece->name(), Phrase::an($was['kind'])),
                        );
                    }
                    $piece->isA($kind, $size);
                } elseif (self::size($size) !== $was['size'] && $piece->hasBegun()) {
                    throw Refused::now(
                        \sprintf('“%s” has been worked on as size %s. Let it stand, or call it off and take it in anew.', $piece->name(), $was['size']),
                    );
                }
                $piece->correct(trim($input->name), $size);
                $piece->passport()->called($piece->name(), $piece->kind());
                if (null !== $input->shade) {
                    $piece->isMostly($input->shade);
                }

                return self::told($was, self::of($piece));
            }
        }

        return [];
    }

    /** @return array{name: string, kind: string, size: string, colour: string} */
    private static function of(StoredPiece $piece): array
    {
        return ['name' => $piece->name(), 'kind' => $piece->kind()->label(), 'size' => self::size($piece->size()), 'colour' => $piece->mostly()->label()];
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
