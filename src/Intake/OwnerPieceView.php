<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

/** A piece that was here before, to be taken in as last time. */
final readonly class OwnerPieceView
{
    public function __construct(
        public int $id,
        public string $tag,
        public string $name,
        public Kind $kind,
        public ?float $sizeEu,
        public ?float $lengthMm,
        public Shade $shade,
        public Aim $aim,
        public Gloss $gloss,
    ) {
    }
}
