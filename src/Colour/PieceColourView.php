<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PieceColourView
{
    /**
     * @param list<ReadingView>    $readings latest first
     * @param list<PairView>       $pairs
     * @param list<PotRowView>     $pots
     * @param array<string, float> $areas    dm² by half/part, measured or as a planning figure
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
        public array $areas,
    ) {
    }
}
