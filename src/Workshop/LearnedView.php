<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Learning\EvidenceKind;

/** What was learned of one thing, with what it rests on. */
final readonly class LearnedView
{
    /** @param list<float> $seen real over expected, the newest first */
    public function __construct(
        /** drying or minutes */
        public EvidenceKind $kind,
        public string $what,
        public string $label,
        public float $factor,
        public int $evidence,
        public array $seen,
    ) {
    }
}
