<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PieceProgress;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

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
        public Kind $kind,
        public ?float $sizeEu,
        public ?float $lengthMm,
        public Aim $aim,
        public Gloss $gloss,
        public Patina $patina,
        /** that a recolour is to bring; null where it is chosen with the pot */
        public ?Shade $newShade,
        public string $unwanted,
        public ?int $valueCents,
        public ?int $replaceCents,
        public PieceProgress $state,
        public bool $hasPlan,
        public int $ticket,
        public string $tag,
        public string $customer,
        public string $wish,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
        public array $parts,
        public array $findings,
        public array $trials,
        public array $differences,
        public array $past,
    ) {
    }
}
