<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

/** How a colour is counted into a pot. */
enum CountBy: string
{
    case Drops = 'drops';
    /** a measure with a mark at each millilitre, and then drops */
    case Millilitres = 'ml';
    /** scales that show a tenth of a gram */
    case Grams = 'g';
}
