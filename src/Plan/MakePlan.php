<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Http\Refused;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Piece\StoredPiece;
use KindHeel\Core\Treatment\Planning\Planner;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class MakePlan
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private AirHistory $air)
    {
    }

    /** @throws Refused when work has begun, or somebody has changed the piece meanwhile */
    public function __invoke(int $id, int $version, Person $person): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        if ($piece->version() !== $version) {
            throw Refused::stale('Somebody else has changed this piece meanwhile. Look at it once more, then plan.');
        }
        if ($piece->hasBegun()) {
            throw Refused::now('Work has begun on this plan; it stays as it is.');
        }
        $plan = Planner::plan($piece->toCore(), $this->air->now());
        $piece->forgetPlan();
        // The keys of the new steps may be those of the old: the old ones must be gone first.
        $this->entities->flush();
        $piece->take($plan);
        $this->ledger->piece(Event::Planned, $piece, $person, [] === $plan->steps
            ? 'No treatment: '.($plan->referrals[0]->text ?? '')
            : \sprintf('Planned: %d steps, %d minutes by hand.', \count($plan->steps), (int) $plan->handsOnMinutes));
    }
}
