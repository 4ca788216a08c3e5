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
use KindHeel\App\People\Signature;
use KindHeel\App\Settings\SpokenTime;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
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
        private Cure $cure,
        private SpokenTime $spoken,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @throws Refused    when it is not here any more, or something is against its going and nobody says why it goes all the same
     * @throws FieldError when what was drawn is no signature
     */
    public function __invoke(int $id, CollectInput $input, Person $person): void
    {
        $ticket = $this->entities->find(Ticket::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        $pieces = $ticket->these($input->pieces);
        $at = $this->clock->now();
        $cures = $this->cure->until($input->pieces);
        $against = array_map(fn (StoredPiece $p): array => $this->against($p, $cures[$p->id()] ?? null, $input), $pieces);
        // All of it in one go: who gives a reason has heard everything.
        if ([] !== array_merge(...$against)) {
            Reason::orRefuse(implode(' ', array_merge(...$against)), $input->why, $person);
        }
        $strokes = [] === $input->strokes ? [] : Signature::strokes($input->strokes);
        $this->entities->persist(
            new Collection(
                $ticket,
                $pieces,
                trim($input->by),
                $input->paid,
                $input->amountCents,
                trim($input->how),
                trim($input->note),
                $person,
                $at,
                $strokes,
            ),
        );
        foreach ($pieces as $i => $piece) {
            $why = [] === $against[$i] ? '' : ' All the same: '.trim($input->why ?? '');
            $this->ledger->piece(Event::Collected, $piece, $person, self::told($input).$why);
            $piece->collected($at);
        }
        $this->events->dispatch(BenchChanged::inTime());
    }

    /** @return list<string> why it should not go */
    private function against(StoredPiece $piece, ?\DateTimeImmutable $cures, CollectInput $input): array
    {
        $left = [];
        foreach ($piece->parts() as $part) {
            $with = array_filter($input->tray, static fn (TrayInput $t): bool => $t->piece === $piece->id() && $part->isAt($t->at->place()));
            if ($part->isOff() && [] === $with) {
                $left[] = $part->toCore()->at->label();
            }
        }

        return [
            ...$piece->isReady() ? [] : [\sprintf('“%s” is not done yet.', $piece->name())],
            ...null === $cures ? [] : [
                \sprintf('“%s” is not cured before %s: until then it marks, sticks and cracks.', $piece->name(), $this->spoken->day($cures)),
            ],
            ...[] === $left ? [] : [\sprintf('What came off “%s” does not all go with it: %s.', $piece->name(), Phrase::list($left))],
        ];
    }

    private static function told(CollectInput $input): string
    {
        $sum = null === $input->amountCents ? '' : \sprintf(' %s', number_format($input->amountCents / 100, 2, '.', ' '));
        $how = '' === trim($input->how) ? '' : ', '.trim($input->how);
        $note = '' === trim($input->note) ? '' : ' '.trim($input->note);

        return \sprintf('Collected by %s; %s%s%s.%s', trim($input->by), $input->paid->told(), $sum, $how, $note);
    }
}
