<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PieceFamily;

final readonly class KindView
{
    /**
     * @param list<Half>         $halves
     * @param list<PartWordView> $parts  in an order that goes round the piece
     */
    public function __construct(
        public Kind $id,
        public string $label,
        public PieceFamily $family,
        public array $halves,
        public array $parts,
        /** what all of its outer leather is called: upper, outside */
        public string $outer,
        /** a shoe size (EU) is asked for; otherwise the longest side */
        public bool $goesBySize,
        public ?float $usualLengthMm,
    ) {
    }
}
