<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** Another piece of the same owner and the same cut. */
final readonly class PastPieceView
{
    public function __construct(public int $id, public string $name, public string $tag)
    {
    }
}
