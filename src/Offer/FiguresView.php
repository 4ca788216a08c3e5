<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** What the last months really took, against what was foreseen and offered. */
final readonly class FiguresView
{
    /**
     * @param list<MonthView>      $months the oldest first
     * @param list<ComparedView>   $kinds  by kind of work
     * @param list<ComparedView>   $people
     * @param list<PieceCostsView> $pieces done with an offer that was taken, the newest first
     * @param list<LaidView>       $coats  the most often laid first
     * @param list<WaitsView>      $waits  by the air, the driest first
     */
    public function __construct(
        public string $currency,
        public array $months,
        public array $kinds,
        public array $people,
        public array $pieces,
        public array $coats,
        public array $waits,
    ) {
    }
}
