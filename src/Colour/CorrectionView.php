<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Pot\Advice;

/** What to add to this very pot. */
final readonly class CorrectionView
{
    /**
     * @param list<DropView>  $additions
     * @param SeenView        $after     the pot with them
     * @param RecipeView|null $restart   a clean pot instead; none where the additions bring it there
     */
    public function __construct(
        public Advice $advice,
        public string $sentence,
        public array $additions,
        public SeenView $after,
        public float $dE00,
        public ?RecipeView $restart,
    ) {
    }
}
