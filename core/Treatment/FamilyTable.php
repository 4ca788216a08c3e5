<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;

/**
 * Default numbers of every product family: minutes for a thin coat at 20 °C, 50 % RH, still air; use per m² of leather.
 *
 * Planning figures. A maker's label wins, and a workshop may change each of them.
 */
final class FamilyTable
{
    /** driver to touch and next, driver to full; touch, recoat from, recoat until, next, full; use, unit; marks; hazards */
    private const ROWS = [
        'brush' => [null, null, 0.0, null, null, 0.0, 0.0, 0.0, 'ml', 1.0, null, null, [], []],
        'damp-cloth' => ['water', 'water', 5.0, null, null, 12.0, 30.0, 0.0, 'ml', 1.0, null, null, [], []],
        'cleaner-neutral' => ['water', 'water', 15.0, null, null, 45.0, 120.0, 90.0, 'ml', 1.0, null, null, [], []],
        'cleaner-cream' => ['water', 'absorb', 8.0, null, null, 60.0, 720.0, 20.0, 'g', 1.0, null, null, ['fat'], []],
        'soap' => ['water', 'water', 120.0, null, null, 960.0, 1440.0, 30.0, 'g', 2.0, null, null, [], []],
        'wash' => ['water', 'water', 600.0, null, null, 960.0, 1440.0, 0.0, 'ml', 2.0, null, null, [], []],
        'foam-cleaner' => ['water', 'water', 10.0, null, null, 30.0, 120.0, 100.0, 'ml', 1.0, null, null, [], []],
        'suede-cleaner' => ['water', 'water', 180.0, null, null, 240.0, 720.0, 100.0, 'ml', 1.0, null, null, [], []],
        'salt-wash' => ['water', 'water', 30.0, null, null, 120.0, 720.0, 50.0, 'ml', 1.0, null, null, [], ['acid']],
        'poultice' => ['absorb', 'absorb', 480.0, null, null, 480.0, 480.0, 100.0, 'g', 1.0, null, null, [], ['dust']],
        'solvent-mild' => ['naphtha', 'naphtha', 5.0, null, null, 15.0, 60.0, 40.0, 'ml', 1.0, null, null, [], ['solvent', 'flammable']],
        'alcohol' => ['alcohol', 'alcohol', 2.0, null, null, 8.0, 30.0, 40.0, 'ml', 1.0, null, null, [], ['solvent', 'flammable']],
        'deglosser' => ['acetone', 'acetone', 2.0, null, null, 15.0, 60.0, 45.0, 'ml', 1.0, null, null, [], ['solvent', 'flammable']],
        'filler' => ['water', 'cure', 20.0, 45.0, 1440.0, 180.0, 1440.0, 0.0, 'ml', 2.0, 10.0, null, ['film', 'warm-air'], ['dust']],
        'crack-filler' => ['water', 'cure', 30.0, 60.0, 1440.0, 240.0, 1440.0, 40.0, 'ml', 1.0, 10.0, null, ['film', 'warm-air'], []],
        'cement' => ['naphtha', 'cure', 12.0, null, null, 30.0, 1440.0, 200.0, 'g', 1.0, null, null, ['film', 'warm-air'], ['solvent', 'flammable']],
        'dye-spirit' => ['alcohol', 'alcohol', 10.0, 20.0, null, 180.0, 1440.0, 60.0, 'ml', 1.0, null, 0.85, ['colour'], ['solvent', 'flammable', 'skin']],
        'dye-water' => ['water', 'water', 45.0, 60.0, null, 300.0, 1440.0, 70.0, 'ml', 1.0, null, null, ['colour'], ['skin']],
        'paint' => ['water', 'cure', 12.0, 20.0, 1440.0, 120.0, 2880.0, 70.0, 'ml', 1.0, 10.0, null, ['film', 'colour', 'warm-air'], ['spray']],
        'primer' => ['water', 'cure', 15.0, 30.0, 720.0, 30.0, 1440.0, 50.0, 'ml', 1.0, 10.0, null, ['film', 'warm-air'], ['spray']],
        'touch-up' => ['water', 'cure', 10.0, 15.0, 1440.0, 60.0, 1440.0, 50.0, 'ml', 1.0, 10.0, null, ['film', 'colour', 'warm-air'], []],
        'topcoat' => ['water', 'cure', 20.0, 45.0, 1440.0, 240.0, 3600.0, 65.0, 'ml', 1.0, 10.0, null, ['film', 'warm-air'], ['spray']],
        'resin' => ['water', 'cure', 20.0, 45.0, 1440.0, 120.0, 1440.0, 65.0, 'ml', 1.0, 10.0, null, ['film', 'warm-air'], []],
        'conditioner' => ['water', 'absorb', 12.0, 60.0, null, 60.0, 720.0, 28.0, 'g', 1.0, null, null, ['fat'], []],
        'conditioner-light' => ['water', 'absorb', 90.0, 240.0, null, 240.0, 1440.0, 20.0, 'g', 1.0, null, null, ['fat'], []],
        'oil' => ['absorb', 'absorb', 180.0, 480.0, null, 960.0, 2880.0, 90.0, 'ml', 1.0, null, null, ['fat'], ['oily-rags']],
        'heavy-wax' => ['absorb', 'absorb', 240.0, 720.0, null, 720.0, 1440.0, 60.0, 'g', 1.0, null, null, ['fat'], ['oily-rags']],
        'cream' => ['naphtha', 'absorb', 8.0, 15.0, null, 60.0, 720.0, 20.0, 'g', 1.0, null, null, ['colour', 'fat'], ['solvent']],
        'wax' => ['naphtha', 'naphtha', 8.0, 5.0, null, 60.0, 720.0, 12.0, 'g', 1.0, null, null, ['colour', 'fat'], ['solvent']],
        'shine' => ['naphtha', 'naphtha', 3.0, null, null, 10.0, 60.0, 10.0, 'g', 1.0, null, null, ['fat'], []],
        'edge-dressing' => ['alcohol', 'alcohol', 12.0, 20.0, null, 60.0, 720.0, 40.0, 'ml', 1.0, null, 0.85, ['film', 'colour'], ['solvent', 'flammable']],
        'grip-safe-protector' => ['water', 'water', 20.0, null, null, 60.0, 720.0, 30.0, 'ml', 1.0, null, null, [], []],
        'repellent' => ['alcohol', 'cure', 25.0, 180.0, 1440.0, 720.0, 2160.0, 80.0, 'ml', 1.0, null, 0.85, ['film'], ['spray', 'solvent', 'flammable']],
        'peroxide' => [null, null, 0.0, null, null, 480.0, 480.0, 200.0, 'g', 1.0, null, null, [], ['oxidiser']],
        'lining-spray' => ['alcohol', 'alcohol', 10.0, null, null, 60.0, 720.0, 60.0, 'ml', 1.0, null, null, [], ['solvent', 'flammable']],
    ];

    public static function family(FamilyId $id): Family
    {
        [$driesBy, $fullBy, $touch, $recoatFrom, $recoatUntil, $next, $full, $use, $unit, $exponent, $minTempC, $maxRh, $marks, $hazards] = self::ROWS[$id->value];

        return new Family(
            $id,
            new DryingProfile(
                null === $driesBy ? null : Driver::from($driesBy),
                null === $fullBy ? null : Driver::from($fullBy),
                $touch,
                $recoatFrom,
                $recoatUntil,
                $next,
                $full,
                $exponent,
                \in_array('film', $marks, true),
                $minTempC,
                $maxRh,
                \in_array('spray', $hazards, true),
            ),
            $use,
            Unit::from($unit),
            \in_array('colour', $marks, true),
            \in_array('warm-air', $marks, true),
            \in_array('fat', $marks, true),
            array_map(Hazard::from(...), $hazards),
        );
    }
}
