<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** How a product stands, the most pressing first. */
enum StockState: string
{
    case Out = 'out';
    case Short = 'short';
    case Old = 'old';
    case Beyond = 'beyond';
    case Low = 'low';
    case Enough = 'enough';
}
