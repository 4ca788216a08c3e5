<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

/** What happened, newest first; minutes as planned and as they were, over what is done. */
final readonly class LedgerView
{
    /**
     * @param list<LedgerPieceView> $pieces  that have entries, the one last touched first
     * @param list<EntryView>       $entries
     */
    public function __construct(
        public array $pieces,
        public ?int $piece,
        public array $entries,
        public float $plannedMinutes,
        public int $realMinutes,
    ) {
    }
}
