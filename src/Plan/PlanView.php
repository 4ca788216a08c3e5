<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** The plan of a piece, step by step, with what it refuses and what the owner has to hear. */
final readonly class PlanView
{
    /**
     * @param list<StepView>   $steps
     * @param list<RemarkView> $refused
     * @param list<RemarkView> $referrals
     * @param list<RemarkView> $tellOwner
     */
    public function __construct(
        public int $piece,
        public int $version,
        public string $name,
        public string $kind,
        public string $customer,
        public string $promisedAt,
        public string $state,
        public bool $made,
        /** the assessment has changed since */
        public bool $stale,
        public array $steps,
        public array $refused,
        public array $referrals,
        public array $tellOwner,
        public float $handsOnMinutes,
        public float $elapsedMinutes,
    ) {
    }
}
