<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\Srgb;

/** `colour.from-spectrum`: the colour of a reflectance under a light. */
final readonly class ColourFromSpectrum implements Computation
{
    private const BRIGHTEST = 1.5;

    public static function name(): string
    {
        return 'colour.from-spectrum';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of($input, ['spectrum'], ['illuminant', 'observer']);
        $spectrum = $in->has('spectrum') ? $in->spectrum($in->raw('spectrum'), '/spectrum', self::BRIGHTEST) : null;
        $light = $in->light();
        $in->read->finish();
        \assert(null !== $spectrum && null !== $light);
        $xyz = $light->xyz($spectrum);
        $srgb = Srgb::of($xyz, $light->white);

        return [
            'X' => $xyz->x,
            'Y' => $xyz->y,
            'Z' => $xyz->z,
            ...ColourOutput::lab($xyz->toLab($light->white)),
            'hex' => $srgb->hex(),
            'in_srgb' => $srgb->inGamut(),
        ];
    }
}
