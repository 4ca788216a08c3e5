<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PotNeedView
{
    public function __construct(
        public float $areaDm2,
        public int $coats,
        public string $applicator,
        public float $layMl,
        public float $keepMl,
        public int $drops,
        public float $dryUm,
        public ?string $caution,
    ) {
    }
}
