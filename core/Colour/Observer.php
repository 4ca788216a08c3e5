<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** A CIE standard observer: 2° for a spot, 10° for an area. */
enum Observer: string
{
    case TwoDegrees = '1931_2';
    case TenDegrees = '1964_10';
}
