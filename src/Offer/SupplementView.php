<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class SupplementView
{
    public function __construct(
        public int $id,
        public int $piece,
        public string $what,
        public int $minutes,
        public int $grossCents,
        public ?string $readyAt,
        public string $at,
        public string $by,
        /** null while the owner has not answered */
        public ?bool $agreed,
        public string $answeredBy,
        public string $how,
        public ?string $answeredAt,
    ) {
    }
}
