<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\PieceRecorded;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Treatment\Planning\Planner;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Plans a piece from what was seen; once work has begun, what is left of it from what was done. */
final readonly class MakePlan
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ledger $ledger,
        private AirHistory $air,
        private PlanTerms $terms,
        private ClockInterface $clock,
        private string $workshopTimezone,
        private EventDispatcherInterface $events,
    ) {
    }

    /** @throws Refused when somebody has changed the piece meanwhile */
    public function __invoke(int $id, PlanInput $input, Person $person): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        if ($piece->version() !== $input->version) {
            throw Refused::stale('Somebody else has changed this piece meanwhile. Look at it once more, then plan.');
        }
        $input->agree($piece->terms(), new \DateTimeZone($this->workshopTimezone), $this->clock->now());
        $this->plan($piece, $person);
    }

    public function plan(StoredPiece $piece, Person $person): void
    {
        $before = $piece->steps();
        $done = array_values(array_filter($before, static fn (StoredStep $s): bool => !$s->isOpen()));
        $plan = Planner::plan($piece->toCore(), $this->air->now(), $this->terms->of($piece), array_map(static fn (StoredStep $s) => $s->toNeed(), $done));
        $changes = PlanChanges::between($before, $plan);
        $piece->forgetRest();
        // The keys of the new steps may be those of the old: the old ones must be gone first.
        $this->entities->flush();
        $piece->take($plan, $changes);
        $this->ledger->piece(Event::Planned, $piece, $person, match (true) {
            \count($plan->steps) === \count($done) => 'No treatment from here: '.($plan->referrals[0]->text ?? 'nothing can be done in the time.'),
            [] === $done => \sprintf('Planned: %d steps, %d minutes by hand.', \count($plan->steps), (int) $plan->handsOnMinutes),
            default => \sprintf('Planned anew from here: %d steps are left.', \count($plan->steps) - \count($done)),
        });
        $this->events->dispatch(new PieceRecorded($piece, $person));
    }
}
