<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Spectrum;

/** `colour.mix`: the look of a pot over a ground, dyed or not. */
final readonly class ColourMix implements Computation
{
    public static function name(): string
    {
        return 'colour.mix';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of($input, ['paints', 'drops', 'thickness'], ['ground', 'illuminant', 'observer', 'dyes']);
        $paints = $in->paints();
        $drops = $in->drops('drops', $paints, whole: false);
        $thickness = $in->thickness('thickness');
        $ground = $in->ground();
        $light = $in->light();
        $dyes = $this->dyes($in);
        $bare = [] === $drops;
        if (!$in->has('ground') && (null !== $thickness || $bare || [] !== $dyes)) {
            $in->read->fault('/ground', 'is missing');
        }
        if (null !== $drops && !$bare && array_sum($drops) <= 0.0) {
            $in->read->fault('/drops', 'must hold a drop');
        }
        $in->read->finish();
        \assert(null !== $drops && null !== $light && false !== $thickness);
        if (null !== $ground && [] !== $dyes) {
            $ground = DyedLeather::look($ground, $dyes);
        }
        if ($bare) {
            \assert(null !== $ground);

            return $this->answer($ground, 0.0, ColourOutput::lab($light->lab($ground)));
        }
        $pot = Mixture::of($paints, $drops);
        if (null === $thickness && $pot->isClear()) {
            $in->read->fault('/drops', 'must hold a paint: binder alone makes no opaque film');
            $in->read->finish();
        }
        $look = $pot->look($ground, $thickness);

        return $this->answer($look, $pot->contrastRatio($thickness, $light), ColourOutput::lab($light->lab($look)));
    }

    /**
     * @param array{L: float, a: float, b: float} $lab
     *
     * @return array<string, mixed>
     */
    private function answer(Spectrum $look, float $contrast, array $lab): array
    {
        return ['spectrum' => ColourOutput::spectrum($look), ...$lab, 'contrast_ratio' => $contrast];
    }

    /** @return list<array{Dye, float}> */
    private function dyes(ColourFields $in): array
    {
        $dyes = [];
        foreach ($in->has('dyes') ? $in->read->list($in->raw('dyes'), '/dyes') ?? [] : [] as $i => $value) {
            $path = '/dyes/'.$i;
            $fields = $in->read->object($value, $path, ['id', 'k', 'uptake']);
            if (null === $fields) {
                continue;
            }
            $id = $in->id($fields, $path);
            $k = $in->numbers($fields['k'] ?? null, $path.'/k', Spectrum::BANDS, \PHP_FLOAT_MAX, \array_key_exists('k', $fields));
            $uptake = \array_key_exists('uptake', $fields) ? $in->read->number($fields['uptake'], $path.'/uptake', 0.0) : null;
            if (null !== $id && null !== $k && null !== $uptake) {
                $dyes[] = [Dye::of($id, $k), $uptake];
            }
        }

        return $dyes;
    }
}
