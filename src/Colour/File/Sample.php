<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\File;

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Spectrum;

/** One line of a file of readings. */
final readonly class Sample
{
    public function __construct(public string $name, public Spectrum|Lab $colour)
    {
    }
}
