<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Material\Material;

/** How a family of pieces is built at one part. */
final readonly class PartAnatomy
{
    /**
     * @param float                    $share       of the outer leather of one half (outer parts add up to 1; others come on top), for want of a measured area
     * @param float                    $thicknessMm of what a gouge can go into
     * @param non-empty-list<Material> $materials   that it is usually made of, the likeliest first
     * @param list<PartName>           $joins       neighbours, each pair named once: what runs, sprays or rubs on one can reach the other (S-2)
     */
    public function __construct(
        public PartName $part,
        public float $share,
        public float $thicknessMm,
        public array $materials,
        public array $joins,
    ) {
    }
}
