<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Clock\Deadline;
use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\Recipe\PotSize;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Recipe\RecipeSearch;

/** `colour.recipe`: whole drops of a few paints for a target. */
final readonly class ColourRecipe implements Computation
{
    private const MOST_DROPS = 100_000;

    public static function name(): string
    {
        return 'colour.recipe';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of(
            $input,
            ['target', 'paints', 'pot'],
            ['max_paints', 'illuminants', 'observer', 'ground', 'thickness', 'clear_binder', 'time_limit_ms', 'seed'],
        );
        $target = $in->target();
        $paints = $in->paints(1);
        $size = $this->size($in);
        $most = $in->whole('max_paints', 4, 1, 6);
        $layer = $in->layer();
        $binder = $in->flag('clear_binder');
        $limit = $in->number('time_limit_ms', 2000.0, 1.0, 600_000.0);
        $in->whole('seed', 1, \PHP_INT_MIN, \PHP_INT_MAX);
        $coloured = array_filter($paints, static fn ($paint): bool => !$paint->isClear());
        if (null === $layer->thickness && [] !== $paints && [] === $coloured) {
            $in->read->fault('/paints', 'must hold a paint that is not clear');
        }
        $in->read->finish();
        \assert(null !== $target && null !== $size && null !== $most && $most > 0 && null !== $limit);
        $recipes = (new RecipeSearch(array_values($paints), $target, $layer, Deadline::in($limit)))->recipes($size, $most, $binder);

        return ['recipes' => array_map(static fn (Recipe $recipe): array => ColourOutput::recipe($recipe, $target), $recipes)];
    }

    private function size(ColourFields $in): ?PotSize
    {
        $fields = $in->has('pot') ? $in->read->object($in->raw('pot'), '/pot', ['drops_min', 'drops_max']) : null;
        if (null === $fields) {
            return null;
        }
        $min = \array_key_exists('drops_min', $fields) ? $in->read->whole($fields['drops_min'], '/pot/drops_min', 0, self::MOST_DROPS) : null;
        $max = \array_key_exists('drops_max', $fields) ? $in->read->whole($fields['drops_max'], '/pot/drops_max', 1, self::MOST_DROPS) : null;
        if (null !== $min && null !== $max && $min > $max) {
            $in->read->fault('/pot/drops_min', 'must not be above drops_max');

            return null;
        }

        return null === $min || null === $max ? null : PotSize::of($min, $max);
    }
}
