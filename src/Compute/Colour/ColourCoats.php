<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\CoatLadder;
use KindHeel\Core\Colour\Coats;
use KindHeel\Core\Colour\CoatStep;
use KindHeel\Core\Colour\Mixture;

/** `colour.coats`: colour after each coat over a ground, and how many cover, with a base and without. */
final readonly class ColourCoats implements Computation
{
    public static function name(): string
    {
        return 'colour.coats';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of(
            $input,
            ['paints', 'drops', 'ground', 'thickness_per_coat'],
            ['tolerance_dE00', 'base', 'base_thickness', 'illuminant', 'observer', 'max_coats'],
        );
        $paints = $in->paints();
        $drops = $in->drops('drops', $paints, whole: false);
        $ground = $in->ground();
        $perCoat = $in->number('thickness_per_coat', 0.0, 0.0, ColourFields::THICKEST);
        $tolerance = $in->number('tolerance_dE00', 1.0, 0.0, 1000.0);
        $base = null === $in->raw('base') ? null : $in->paint($in->raw('base'), '/base');
        $perBaseCoat = $in->number('base_thickness', $perCoat ?? 0.0, 0.0, ColourFields::THICKEST);
        $most = $in->whole('max_coats', 20, 1, Coats::MOST);
        $light = $in->light();
        if (null !== $drops && array_sum($drops) <= 0.0) {
            $in->read->fault('/drops', 'must hold a drop');
        }
        $in->read->finish();
        \assert(null !== $drops && null !== $ground && null !== $perCoat && null !== $tolerance && null !== $perBaseCoat && null !== $most && null !== $light);
        $pot = Mixture::of($paints, $drops);
        if ($pot->isClear()) {
            $in->read->fault('/drops', 'must hold a paint: binder alone never covers');
            $in->read->finish();
        }
        $coats = new Coats($perCoat, $tolerance, $most, $light);
        $without = $coats->over($pot, $ground);
        $with = null === $base ? null : $coats->overBase($pot, $ground, $base, $perBaseCoat);

        return [
            'without_base' => $this->ladder($without),
            'with_base' => null === $with ? null : ['base_coats' => $with->baseCoats, ...$this->ladder($with)],
            'opaque' => ColourOutput::lab($coats->opaque($pot)),
            'saves_coats' => null === $with || null === $without->all() || null === $with->all() ? null : $without->all() - $with->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function ladder(CoatLadder $ladder): array
    {
        return [
            'coats' => $ladder->coats,
            'dry_um' => $ladder->dryUm,
            'steps' => array_map(
                static fn (CoatStep $step): array => [
                    'coat' => $step->coat,
                    ...ColourOutput::lab($step->lab),
                    'change_dE00' => $step->change,
                    'to_opaque_dE00' => $step->toOpaque,
                ],
                $ladder->steps,
            ),
        ];
    }
}
