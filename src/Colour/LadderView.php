<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class LadderView
{
    /**
     * @param list<CoatStepView> $steps
     */
    public function __construct(
        public int $baseCoats,
        public string $base,
        public ?int $coats,
        public float $dryUm,
        public array $steps,
        public bool $cracks,
    ) {
    }
}
