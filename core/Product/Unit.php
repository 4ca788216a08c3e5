<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** How a product is measured out. */
enum Unit: string
{
    case Millilitre = 'ml';
    case Gram = 'g';
    case Metre = 'm';
    case Piece = 'pcs';
}
