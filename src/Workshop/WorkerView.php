<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\People\Role;
use KindHeel\Core\Product\Phase;

/** Somebody who works here, when, and at what. */
final readonly class WorkerView
{
    /**
     * @param list<DayHoursView> $week   every day from Monday to Sunday
     * @param list<Phase>        $skills phases of the work that they do; none for all
     */
    public function __construct(
        public int $id,
        public string $name,
        public Role $role,
        public array $week,
        public array $skills,
        /** minutes that they take against what is usual here */
        public float $pace,
        public int $paceEvidence,
    ) {
    }
}
