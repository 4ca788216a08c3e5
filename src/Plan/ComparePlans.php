<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Treatment\Planning\Kit;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Wish\School;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Plans a piece once for every side of a school, and says where the plans differ; nothing is kept. */
final readonly class ComparePlans
{
    public function __construct(private EntityManagerInterface $entities, private AirHistory $air, private PlanTerms $terms)
    {
    }

    public function by(int $id, School $school): CompareView
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $core = $piece->toCore();
        $as = Planner::plan($core, $this->air->now(), $this->terms->of($piece));
        $plans = [];
        foreach (array_keys($school->sides()) as $side) {
            $plans[$side] = Planner::plan($core, $this->air->now(), $this->terms->otherwise($piece, $school, $side));
        }
        $chosen = $this->terms->of($piece)->schools->side($school, '');
        $sides = [];
        foreach ($plans as $side => $plan) {
            $others = array_diff_key($plans, [$side => true]);
            $sides[] = new SideView(
                side: $side,
                says: $school->sides()[$side],
                taken: '' === $chosen ? self::course($plan) === self::course($as) : $chosen === $side,
                steps: \count($plan->steps),
                handsOnMinutes: $plan->handsOnMinutes,
                elapsedMinutes: $plan->elapsedMinutes,
                only: self::only(self::course($plan), array_map(self::course(...), $others)),
                products: self::only(self::products($plan), array_map(self::products(...), $others)),
                risks: self::only(self::risks($plan), array_map(self::risks(...), $others)),
            );
        }

        return new CompareView($school, $school->label(), $school->usual(), $sides);
    }

    /**
     * @param list<string>        $mine
     * @param array<list<string>> $others
     *
     * @return list<string> what all the others lack
     */
    private static function only(array $mine, array $others): array
    {
        return array_values(array_unique(array_diff($mine, [] === $others ? [] : array_intersect(...array_values($others)))));
    }

    /** @return list<string> */
    private static function course(Plan $plan): array
    {
        return array_map(static fn (PlannedStep $s): string => $s->title.', '.$s->where, $plan->steps);
    }

    /** @return list<string> */
    private static function products(Plan $plan): array
    {
        return array_map(
            static fn (Supply $s): string => $s->label(),
            array_values(array_filter(Kit::of($plan->steps), static fn (Supply $s): bool => null !== $s->amount)),
        );
    }

    /** @return list<string> */
    private static function risks(Plan $plan): array
    {
        $risks = array_map(static fn ($r): string => $r->text, $plan->tellOwner);
        foreach ($plan->steps as $step) {
            foreach ($step->hazards as $hazard) {
                $risks[] = $hazard->caution();
            }
        }

        return $risks;
    }
}
