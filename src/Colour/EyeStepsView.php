<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Pot\Off;

/** One way in which a dab can be off, in five steps that are drawn beside the target. */
final readonly class EyeStepsView
{
    /** @param list<string> $hexes from the step that is just seen to the largest */
    public function __construct(public Off $off, public string $label, public array $hexes)
    {
    }
}
