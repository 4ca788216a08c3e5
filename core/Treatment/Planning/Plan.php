<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Disclosure\Expectation;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Treatment\Step;

/** The work on one piece, in a workable order, or the reason why there is none. */
final readonly class Plan
{
    /**
     * @param list<PlannedStep> $steps
     * @param list<TrialFirst>  $trialsFirst
     * @param list<Refusal>     $refused            what was considered and is not done
     * @param list<Remark>      $referrals          reasons to refer the piece, or a part of the work; for the whole piece there are no steps
     * @param list<Dropped>     $dropped            what was left out to keep the hour
     * @param list<Remark>      $tellOwner          what will still show
     * @param float             $handsOnMinutes     with the first rung of each ladder; what is held back behind a look is left out
     * @param float             $handsOnMinutesMost should every look say “not enough”
     * @param list<Expectation> $expectations       what it comes to for each finding
     */
    public function __construct(
        public array $steps,
        public array $trialsFirst,
        public array $refused,
        public array $referrals,
        public array $dropped,
        public array $tellOwner,
        public float $handsOnMinutes,
        public float $elapsedMinutes,
        public float $handsOnMinutesMost,
        public float $elapsedMinutesMost,
        public array $expectations = [],
    ) {
    }

    /**
     * Nothing more is done.
     *
     * @param list<Remark>      $referrals
     * @param list<Remark>      $tellOwner
     * @param list<PlannedStep> $done      what had been done before
     */
    public static function none(array $referrals, array $tellOwner, array $done = []): self
    {
        $minutes = array_sum(array_map(static fn (PlannedStep $s): float => $s->minutes, $done));

        return new self($done, [], [], $referrals, [], $tellOwner, $minutes, 0.0, $minutes, 0.0);
    }

    /** @param list<Dropped> $dropped */
    public function leavingOut(array $dropped): self
    {
        return new self(
            $this->steps,
            $this->trialsFirst,
            $this->refused,
            $this->referrals,
            $dropped,
            $this->tellOwner,
            $this->handsOnMinutes,
            $this->elapsedMinutes,
            $this->handsOnMinutesMost,
            $this->elapsedMinutesMost,
            $this->expectations,
        );
    }

    /** @return list<Step> */
    public function order(): array
    {
        return array_map(static fn (PlannedStep $s): Step => $s->step, $this->steps);
    }
}
