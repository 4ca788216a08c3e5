<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Gloss;

final readonly class PieceColourView
{
    /**
     * @param list<ReadingView>       $readings  latest first
     * @param list<PairView>          $pairs
     * @param list<PotRowView>        $pots
     * @param array<string, float>    $areas     dm² by half/part, measured or as a planning figure
     * @param list<PartName>          $outer     parts that can be given another colour
     * @param list<SettlingView>      $settlings places on their way back, the last first
     * @param list<MayDarkenView>     $mayDarken what has just been laid and might be watched
     * @param list<PlannedColourView> $planned   what the plan lays from mixed pots
     */
    public function __construct(
        public int $piece,
        public string $name,
        public Kind $kind,
        public string $customer,
        public Gloss $gloss,
        public array $readings,
        public array $pairs,
        public array $pots,
        public array $areas,
        public array $planned,
        public array $outer,
        public array $settlings,
        public array $mayDarken,
    ) {
    }
}
