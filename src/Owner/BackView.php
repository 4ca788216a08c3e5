<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** A piece that came back. */
final readonly class BackView
{
    public function __construct(
        public int $piece,
        public int $passport,
        public string $name,
        public string $fault,
        public ?string $cause,
        public string $mendedAt,
        public string $backAt,
    ) {
    }
}
