<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;

/** Whole drops of a few paints, and how near they come. */
final readonly class Recipe
{
    /**
     * @param array<string, int>    $drops       by paint, none of 0
     * @param non-empty-list<Lab>   $labs        under the lights of the target, in their order
     * @param non-empty-list<float> $differences ΔE00 under the same
     * @param float                 $weighted    Σ weight · ΔE00
     */
    public function __construct(
        public array $drops,
        public int $total,
        public Spectrum $spectrum,
        public array $labs,
        public array $differences,
        public float $weighted,
        public ?WorstLight $worst,
    ) {
    }

    /** @param array<string, int> $drops */
    public static function of(array $drops, Spectrum $look, Target $target): self
    {
        $labs = array_map(static fn (Light $light): Lab => $light->lab($look), $target->lights);

        return new self($drops, array_sum($drops), $look, $labs, $target->differences($look), $target->difference($look), $target->worst($look));
    }

    /** Paints in it; binder is none. */
    public function paints(): int
    {
        return \count($this->drops) - (isset($this->drops[Paint::CLEAR_BINDER]) ? 1 : 0);
    }
}
