<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What an eye compares a dab with: the target, and the steps to either side of it. */
final readonly class EyeScaleView
{
    /** @param list<list<EyeStepsView>> $axes each with its two opposites */
    public function __construct(public string $aim, public array $axes)
    {
    }
}
