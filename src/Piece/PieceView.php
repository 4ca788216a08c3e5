<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** A piece as it was looked over. */
final readonly class PieceView
{
    /**
     * @param list<PartView>      $parts
     * @param list<FindingView>   $findings
     * @param list<TrialView>     $trials
     * @param list<string>        $differences left against right, as sentences
     * @param list<PastPieceView> $past
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $kind,
        public ?float $sizeEu,
        public ?float $lengthMm,
        public string $aim,
        public string $gloss,
        public string $patina,
        public string $unwanted,
        public ?int $valueCents,
        public ?int $replaceCents,
        public string $state,
        public int $ticket,
        public string $tag,
        public string $customer,
        public string $wish,
        public string $promisedAt,
        public array $parts,
        public array $findings,
        public array $trials,
        public array $differences,
        public array $past,
    ) {
    }
}
