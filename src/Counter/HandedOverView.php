<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** Pieces that went home together, and who took them. */
final readonly class HandedOverView
{
    /** @param list<int> $pieces */
    public function __construct(
        public array $pieces,
        public string $by,
        public string $at,
        /** path of the pen in a field of 600 × 200; empty where nobody signed */
        public string $path,
    ) {
    }
}
