<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\Core\Schedule\Calendar\Hours;

/** Who works here. */
final readonly class Crew
{
    /**
     * @param array<int, string> $names by person, whoever looks first
     * @param array<int, Hours>  $hours by person, right for one day
     */
    public function __construct(
        public array $names,
        public array $hours,
        /** what whoever looks did last and may take back */
        public ?LastActView $lastAct,
        /** since when nothing has been backed up, once that is too long */
        public ?string $notBackedUpSince = null,
    ) {
    }
}
