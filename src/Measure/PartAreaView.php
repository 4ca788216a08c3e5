<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** The area of a part: as measured, or as it is planned with. */
final readonly class PartAreaView
{
    /** @param list<list<float>> $outline as it was tapped on the picture; empty where it was not measured on one */
    public function __construct(
        public PartName $part,
        public Half $half,
        public string $label,
        public float $dm2,
        public bool $measured,
        public ?int $picture,
        public array $outline,
    ) {
    }
}
