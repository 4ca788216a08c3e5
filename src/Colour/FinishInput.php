<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Gloss;

/** The finish that a pot is to be matched for. */
final readonly class FinishInput
{
    public function __construct(public int $version, public Gloss $finish)
    {
    }
}
