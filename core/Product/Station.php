<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** Where in the workshop a step is done. */
enum Station: string
{
    case Bench = 'bench';
    case Booth = 'booth';
    case Sink = 'sink';
    case Lamp = 'lamp';
}
