<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** What a touch of paint is laid on: it decides how thick the paint is and how it is brought to its rim. */
enum Mark
{
    /** A line: thin paint alone, along it. */
    case Line;
    /** A shallow scrape: paint thickened with filler powder levels it. */
    case Scrape;
    /** A place that was filled: its grain is brought back. */
    case Filled;
}
