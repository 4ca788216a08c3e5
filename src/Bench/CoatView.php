<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Job\Halves;
use KindHeel\Core\Anatomy\PartName;

/** A coat that dries. */
final readonly class CoatView
{
    /**
     * @param list<PartName> $parts
     * @param list<string>   $warnings what the air does to it
     */
    public function __construct(
        public int $step,
        public int $version,
        public string $title,
        public Halves $half,
        public array $parts,
        public string $laidAt,
        public ?string $touchAt,
        public ?string $recoatFromAt,
        public ?string $recoatUntilAt,
        public ?string $nextAt,
        public ?string $fullAt,
        public ?string $gate,
        /** when its gate test is due; null when nothing waits for it or it has passed */
        public ?string $gateAt,
        public bool $gatePassed,
        public array $warnings,
    ) {
    }
}
