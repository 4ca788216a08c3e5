<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\Difference;

/** `colour.difference`: how two colours differ. */
final readonly class ColourDifference implements Computation
{
    public static function name(): string
    {
        return 'colour.difference';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of($input, ['a', 'b'], []);
        $a = $in->has('a') ? $in->lab($in->raw('a'), '/a') : null;
        $b = $in->has('b') ? $in->lab($in->raw('b'), '/b') : null;
        $in->read->finish();
        \assert(null !== $a && null !== $b);

        $found = Difference::between($a, $b);

        return ['dE00' => $found->dE00, 'dE76' => $found->dE76, 'dL' => $found->dL, 'dC' => $found->dC, 'dH' => $found->dH];
    }
}
