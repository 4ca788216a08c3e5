<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What a pot on the shelf holds, as far as colour goes. */
enum ProductKind: string
{
    case Paint = 'paint';
    case Dye = 'dye';
    case Binder = 'binder';
}
