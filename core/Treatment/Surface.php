<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** What can be true of a part's surface while it is worked on. */
enum Surface: string
{
    case LooseDirt = 'loose-dirt';
    case Damp = 'damp';
    case Fat = 'fat';
    case Wax = 'wax';
    case Dressed = 'dressed';
    case Masked = 'masked';
}
