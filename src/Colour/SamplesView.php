<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class SamplesView
{
    /**
     * @param list<SampleView> $samples
     */
    public function __construct(
        public array $samples,
    ) {
    }
}
