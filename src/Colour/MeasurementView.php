<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** One measurement, not kept. */
final readonly class MeasurementView
{
    /**
     * @param list<float> $values 31 bands
     */
    public function __construct(
        public array $values,
        public SeenView $seen,
    ) {
    }
}
