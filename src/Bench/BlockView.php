<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

final readonly class BlockView
{
    public function __construct(
        public int $step,
        public string $start,
        public string $end,
        public string $title,
        public int $piece,
        public string $pieceName,
        public bool $done,
    ) {
    }
}
