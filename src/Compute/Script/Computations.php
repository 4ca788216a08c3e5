<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Script;

use KindHeel\App\Compute\Colour;
use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\DryForecast;
use KindHeel\App\Compute\EstimatePrice;
use KindHeel\App\Compute\PlanBuild;
use KindHeel\App\Compute\PlanCheck;
use KindHeel\App\Compute\Quantity;
use KindHeel\App\Compute\ScheduleSolve;

/** Every computation that a script can call. They need nothing of the application, so none of it has to begin for them. */
final class Computations
{
    /** @var list<class-string<Computation>> */
    private const ALL = [
        Colour\ColourCoats::class,
        Colour\ColourCorrect::class,
        Colour\ColourDifference::class,
        Colour\ColourFromSpectrum::class,
        Colour\ColourMix::class,
        Colour\ColourRecipe::class,
        DryForecast::class,
        EstimatePrice::class,
        PlanBuild::class,
        PlanCheck::class,
        Quantity\QuantityArea::class,
        Quantity\QuantityDilution::class,
        Quantity\QuantityNeed::class,
        Quantity\QuantityThread::class,
        ScheduleSolve::class,
    ];

    /** Its class is looked at first that is called as it is, so that mostly none of the others is read. */
    public static function named(string $name): ?Computation
    {
        $called = '\\'.str_replace(' ', '', ucwords(strtr($name, '.-', '  ')));
        $first = array_filter(self::ALL, static fn (string $class): bool => str_ends_with($class, $called));
        foreach ([...$first, ...self::ALL] as $class) {
            if ($class::name() === $name) {
                return new $class();
            }
        }

        return null;
    }

    /** @return list<string> */
    public static function names(): array
    {
        $names = array_map(static fn (string $class): string => $class::name(), self::ALL);
        sort($names);

        return $names;
    }
}
