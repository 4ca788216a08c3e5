<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** A piece as it was looked over. */
final readonly class PieceView
{
    /**
     * @param list<PartView>    $parts
     * @param list<FindingView> $findings
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $kind,
        public float $sizeEu,
        public string $aim,
        public string $gloss,
        public string $state,
        public int $ticket,
        public string $customer,
        public string $wish,
        public string $promisedAt,
        public array $parts,
        public array $findings,
    ) {
    }
}
