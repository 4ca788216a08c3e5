<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Phrase;

/** How a product is measured out. */
enum Unit: string
{
    case Millilitre = 'ml';
    case Gram = 'g';
    case Metre = 'm';
    case Piece = 'pcs';

    private const SMALL = 10.0;

    /** As somebody at the shelf says it: “182 ml”, “4.2 g”. */
    public function told(float $amount): string
    {
        return Phrase::figure(round($amount, $amount < self::SMALL ? 1 : 0)).' '.$this->value;
    }
}
