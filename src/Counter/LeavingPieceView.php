<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** What goes with a piece, what is to be said, and what is missing before it goes. */
final readonly class LeavingPieceView
{
    /**
     * @param list<OffView> $off     parts that lie apart in its tray
     * @param list<string>  $toKnow  what the owner hears
     * @param list<string>  $missing
     */
    public function __construct(public int $piece, public array $off, public array $toKnow, public array $missing, public ?string $curesUntil)
    {
    }
}
