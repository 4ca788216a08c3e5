<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

/** What was tapped, measured. */
final readonly class MeasuredView
{
    public function __construct(
        /** null for a length */
        public ?float $areaDm2,
        /** round it, or from end to end */
        public float $lengthMm,
        /** from end to end, and across that; null for a length */
        public ?float $longMm,
        public ?float $wideMm,
        public float $tiltDeg,
        /** the card was seen too steeply */
        public ?string $caution,
        public string $says,
    ) {
    }
}
