<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\Core\Care\CareKind;

final readonly class SeasonCareView
{
    public function __construct(
        public int $passport,
        public string $piece,
        public CareKind $kind,
        public string $label,
        public string $at,
        public string $why,
        public bool $late,
        /** they have been told, or are about to be */
        public bool $told,
    ) {
    }
}
