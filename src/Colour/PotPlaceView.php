<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** The place that a pot is mixed for. */
final readonly class PotPlaceView
{
    public function __construct(public int $piece, public string $pieceName, public Half $half, public PartName $part, public string $partLabel)
    {
    }
}
