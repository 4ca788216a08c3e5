<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class ColoursView
{
    /**
     * @param list<ProductView> $products
     * @param list<SwatchView>  $swatches
     */
    public function __construct(
        public array $products,
        public array $swatches,
    ) {
    }
}
