<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** “What was on this piece?” */
final readonly class OnPieceView
{
    /** @param list<MoveView> $moves the newest first */
    public function __construct(public int $piece, public string $name, public array $moves)
    {
    }
}
