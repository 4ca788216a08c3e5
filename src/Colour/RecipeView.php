<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class RecipeView
{
    /**
     * @param list<DropView> $drops
     * @param float          $cover luminance over black ÷ over white of one coat
     * @param list<string>   $short what the shelf has too little of
     */
    public function __construct(
        public array $drops,
        public int $total,
        public float $ml,
        public SeenView $seen,
        public float $day,
        public float $lamp,
        public float $tube,
        public float $weighted,
        public string $lights,
        public int $paints,
        public float $cover,
        public ?int $cents,
        public array $short,
    ) {
    }
}
