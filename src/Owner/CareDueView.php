<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\CareKind;

/** The next care of one kind. */
final readonly class CareDueView
{
    public function __construct(
        public CareKind $kind,
        public string $label,
        public string $at,
        public int $everyDays,
        public string $why,
        public string $how,
        public bool $late,
        /** rather than the owner's */
        public bool $isTheShops,
        public int $minutes,
        public float $timesAYear,
    ) {
    }
}
