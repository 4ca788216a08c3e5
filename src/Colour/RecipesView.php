<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class RecipesView
{
    /**
     * @param list<RecipeView> $recipes best match first
     * @param string|null      $missing what is not on the shelf, when no recipe comes near
     */
    public function __construct(
        public array $recipes,
        public ?string $missing,
    ) {
    }
}
