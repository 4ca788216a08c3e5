<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class KindView
{
    /**
     * @param list<string>       $halves
     * @param list<PartWordView> $parts  in an order that goes round the piece
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $family,
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
