<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PotLineView
{
    public function __construct(
        public string $at,
        public string $person,
        public string $text,
        public PotEventKind $kind,
    ) {
    }
}
