<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Product\Applicator;

final readonly class DyesView
{
    /**
     * @param int                 $swatches that taught the factor
     * @param list<DyeMatchView>  $matches
     * @param list<DyeLadderView> $ladders
     */
    public function __construct(
        public PartName $part,
        public ?SeenView $ground,
        public ?SeenView $target,
        public Applicator $applicator,
        public float $factor,
        public int $swatches,
        public ?string $never,
        public array $matches,
        public array $ladders,
        /** under which everything is compared */
        public Gloss $finish,
    ) {
    }
}
