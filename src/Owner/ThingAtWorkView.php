<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

final readonly class ThingAtWorkView
{
    public function __construct(
        public int $passport,
        public int $piece,
        public int $ticket,
        public string $name,
        public bool $hasPlan,
        /** nothing is left to be done to it: it can be put away */
        public bool $isReady,
        /** when the next sitting in which it is worked on begins */
        public ?string $nextAt,
    ) {
    }
}
