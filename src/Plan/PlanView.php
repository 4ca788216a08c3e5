<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Shelf\ShortView;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;

/** The plan of a piece, step by step, with what it refuses and what the owner has to hear. */
final readonly class PlanView
{
    /**
     * @param list<StepView>        $steps
     * @param list<RefusedView>     $refused
     * @param list<RemarkView>      $referrals
     * @param list<RemarkView>      $tellOwner
     * @param list<RemarkView>      $dropped   left out to keep the hour, with what that costs
     * @param list<RemarkView>      $changes   what is otherwise than in the plan before
     * @param list<FaultView>       $faults    what the rules say of a plan changed by hand
     * @param list<string>          $kit       everything the job needs
     * @param list<ShortView>       $short     what of the shelf would run out, or is too old
     * @param list<SchoolView>      $schools
     * @param list<PlanDayView>     $days      on which of them hands are at it, as it is planned now
     * @param list<Hazard|FamilyId> $exclude   hazards and families that are not wanted
     */
    public function __construct(
        public int $piece,
        public int $ticket,
        public int $version,
        public string $name,
        public Kind $kind,
        public Aim $aim,
        public string $customer,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
        public PieceProgress $state,
        public bool $made,
        /** the assessment has changed since */
        public bool $stale,
        public array $steps,
        public array $refused,
        public array $referrals,
        public array $tellOwner,
        public array $dropped,
        public array $changes,
        public array $faults,
        public array $kit,
        public array $short,
        public array $schools,
        public array $exclude,
        /** the hour of a piece that is to be made ready fast */
        public ?string $readyBy,
        public bool $byHand,
        public float $handsOnMinutes,
        public float $elapsedMinutes,
        public array $days,
    ) {
    }
}
