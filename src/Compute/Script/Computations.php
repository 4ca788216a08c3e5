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
use KindHeel\Core\Drying\Forecaster;

/** Every computation that a script can call. They need nothing of the application, so none of it has to begin for them. */
final class Computations
{
    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Colour\ColourCoats(),
            new Colour\ColourCorrect(),
            new Colour\ColourDifference(),
            new Colour\ColourFromSpectrum(),
            new Colour\ColourMix(),
            new Colour\ColourRecipe(),
            new DryForecast(new Forecaster()),
            new EstimatePrice(),
            new PlanBuild(),
            new PlanCheck(),
            new Quantity\QuantityArea(),
            new Quantity\QuantityDilution(),
            new Quantity\QuantityNeed(),
            new Quantity\QuantityThread(),
            new ScheduleSolve(),
        ];
    }
}
