<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Ledger\Event;

/** What whoever looks has done last, for as long as it can be taken back. */
final readonly class LastActView
{
    public function __construct(public int $step, public int $version, public string $title, public string $pieceName, public Event $event, public string $at)
    {
    }
}
