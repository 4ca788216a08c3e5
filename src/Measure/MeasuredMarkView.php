<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

/** A finding, and what it measures. */
final readonly class MeasuredMarkView
{
    public function __construct(public int $id, public string $label, public ?float $lengthMm, public ?float $widthMm)
    {
    }
}
