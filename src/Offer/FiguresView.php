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
     */
    public function __construct(public string $currency, public array $months, public array $kinds, public array $people, public array $pieces)
    {
    }
}
