<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\WornFor;

/** How a piece is used. */
final readonly class CareUseView
{
    public function __construct(
        public float $daysAWeek,
        public WornFor $for,
        public bool $wet,
        public bool $salt,
        public bool $sun,
        public bool $darkCloth,
        public ?int $storedFrom,
    ) {
    }
}
