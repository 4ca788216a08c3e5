<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DyeLadderView
{
    /**
     * @param list<DyeRungView> $rungs
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $diluent,
        public array $rungs,
    ) {
    }
}
