<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PotsView
{
    /**
     * @param list<PotRowView> $pots
     */
    public function __construct(
        public array $pots,
    ) {
    }
}
