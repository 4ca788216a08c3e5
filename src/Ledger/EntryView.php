<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use KindHeel\App\Job\Halves;

final readonly class EntryView
{
    public function __construct(
        public int $id,
        public string $at,
        public Event $event,
        public string $person,
        public int $piece,
        public string $text,
        public ?Halves $half,
        public ?float $tempC,
        public ?int $humidity,
        public ?float $plannedMinutes,
        public ?int $realMinutes,
    ) {
    }
}
