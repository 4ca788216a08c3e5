<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Treatment\Step;

/** The work on one piece, in a workable order, or the reason why there is none. */
final readonly class Plan
{
    /**
     * @param list<PlannedStep> $steps
     * @param list<Remark>      $refused   what was considered and refused
     * @param list<Remark>      $referrals reasons to refer the piece; then there are no steps
     * @param list<Remark>      $tellOwner what will still show
     */
    public function __construct(
        public array $steps,
        public array $refused,
        public array $referrals,
        public array $tellOwner,
        public float $handsOnMinutes,
        public float $elapsedMinutes,
    ) {
    }

    /** @return list<Step> */
    public function order(): array
    {
        return array_map(static fn (PlannedStep $s): Step => $s->step, $this->steps);
    }
}
