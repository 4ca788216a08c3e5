<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Air\AirView;

/** Everything the bench shows at a moment. */
final readonly class BenchView
{
    /**
     * @param list<AirView>       $air       of each place that has been read
     * @param list<CallView>      $calls     what calls for hands, the most pressing first; the first is in the hand
     * @param list<RackPieceView> $rack      the pieces in work, the one promised soonest first
     * @param list<TapeView>      $tapes     of each person, whoever looks first
     * @param list<ThreadView>    $threads   what dries by itself, today
     * @param list<LateView>      $late      what will not be done by its promise as things stand
     * @param list<UnplannedView> $unplanned what was taken in and waits to be looked over and planned
     */
    public function __construct(
        public string $now,
        public array $air,
        public array $calls,
        public array $rack,
        public array $tapes,
        public array $threads,
        public string $dayFrom,
        public string $dayUntil,
        public array $late,
        public array $unplanned,
        /** how often a brush of another colour family is taken up in what lies ahead */
        public int $brushChanges,
        /** null when there is nothing to take back */
        public ?LastActView $lastAct = null,
        /** since when nobody looks for a better order; null while somebody does */
        public ?string $replanningStillSince = null,
        /** since when nothing has been backed up, once that is more than two days; null in the demo */
        public ?string $notBackedUpSince = null,
    ) {
    }
}
