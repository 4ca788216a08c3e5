<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** A dried dab beside the aim, and beside what was predicted. */
final readonly class DabView
{
    public function __construct(
        public SeenView $seen,
        public DifferenceView $difference,
        public DifferenceView $prediction,
        public int $drops,
        public string $at,
        public string $verdict,
        public bool $near,
        /** in its words, where no instrument read it */
        public ?string $eye,
    ) {
    }
}
