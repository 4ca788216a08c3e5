<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

/** What a piece means to its owner beside its price. */
enum Meaning: string
{
    case None = 'none';
    case Some = 'some';
    case Dear = 'dear';
    case Heirloom = 'heirloom';
}
