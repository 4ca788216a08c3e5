<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PieceColourView
{
    /**
     * @param list<ReadingView> $readings latest first
     * @param list<PairView>    $pairs
     * @param list<PotRowView>  $pots
     */
    public function __construct(
        public int $piece,
        public string $name,
        public string $kind,
        public string $customer,
        public string $gloss,
        public array $readings,
        public array $pairs,
        public array $pots,
    ) {
    }
}
