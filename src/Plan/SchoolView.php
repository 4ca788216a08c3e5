<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Treatment\Wish\School;

/** A school: its sides, what is usual, and the side that is taken. */
final readonly class SchoolView
{
    /** @param list<SideSaysView> $sides */
    public function __construct(
        public School $id,
        public string $label,
        public string $usual,
        public array $sides,
        /** the workshop's side; none where it goes case by case */
        public ?string $workshop,
        /** the side for this plan alone; none where the workshop's holds */
        public ?string $plan,
    ) {
    }
}
