<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** Of the pieces that had something, how many came back. */
final readonly class ShareBackView
{
    public function __construct(public string $what, public int $pieces, public int $back)
    {
    }
}
