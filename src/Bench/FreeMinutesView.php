<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** What fits into a stretch of free minutes. */
final readonly class FreeMinutesView
{
    /** @param list<BlockView> $blocks one after the other */
    public function __construct(public int $minutes, public array $blocks)
    {
    }
}
