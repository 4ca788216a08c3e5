<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Spectrum;

/** How the computations of colour write what they found. */
final class ColourOutput
{
    /** @return array{L: float, a: float, b: float} */
    public static function lab(Lab $lab): array
    {
        return ['L' => $lab->lightness, 'a' => $lab->a, 'b' => $lab->b];
    }

    /** @return array{start: int, step: int, values: list<float>} */
    public static function spectrum(Spectrum $spectrum): array
    {
        return ['start' => $spectrum->start, 'step' => $spectrum->step, 'values' => $spectrum->values];
    }

    /**
     * Colour and difference under every light asked for.
     *
     * @return array{lab: array<string, array{L: float, a: float, b: float}>, dE00: array<string, float>}
     */
    public static function seen(Recipe $recipe, Target $target): array
    {
        $ids = array_map(static fn (Light $light): string => $light->illuminant->value, $target->lights);

        return ['lab' => array_combine($ids, array_map(self::lab(...), $recipe->labs)), 'dE00' => array_combine($ids, $recipe->differences)];
    }

    /** @return array<string, mixed> */
    public static function recipe(Recipe $recipe, Target $target): array
    {
        return [
            'drops' => (object) $recipe->drops,
            'total_drops' => $recipe->total,
            'spectrum' => self::spectrum($recipe->spectrum),
            ...self::seen($recipe, $target),
            'weighted_dE00' => $recipe->weighted,
            'metamerism' => null === $recipe->worst ? null : ['illuminant' => $recipe->worst->illuminant->value, 'dE00' => $recipe->worst->dE00],
        ];
    }
}
