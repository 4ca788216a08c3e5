<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

/** What an old list would bring, or has brought. */
final readonly class OldListView
{
    /**
     * @param list<OldListColumnView> $columns
     * @param list<OldListRowView>    $rows    the faulty ones first, up to some hundred
     */
    public function __construct(
        public array $columns,
        public int $newOwners,
        /** of those in it, who were known here before */
        public int $knownOwners,
        public int $newVisits,
        public int $knownVisits,
        public int $faulty,
        public array $rows,
        public bool $done,
    ) {
    }
}
