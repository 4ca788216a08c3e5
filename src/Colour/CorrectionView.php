<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What to add to this very pot. */
final readonly class CorrectionView
{
    /**
     * @param list<DropView> $additions
     */
    public function __construct(
        public string $sentence,
        public bool $reachable,
        public array $additions,
        public ?SeenView $after,
        public float $dE00,
        public ?RecipeView $restart,
    ) {
    }
}
