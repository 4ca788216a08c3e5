<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** A past piece whose parts are made of the same. */
final readonly class CopyInput
{
    public function __construct(public int $version, public int $from)
    {
    }
}
