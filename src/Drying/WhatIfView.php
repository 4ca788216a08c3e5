<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

/** What a change of the air would save. */
final readonly class WhatIfView
{
    /** @param list<SavedView> $coats the most saved first */
    public function __construct(
        public string $label,
        public float $tempC,
        public int $humidity,
        public float $speedMs,
        public ?string $caution,
        public array $coats,
        public int $minutes,
    ) {
    }
}
