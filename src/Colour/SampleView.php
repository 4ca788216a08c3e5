<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class SampleView
{
    /**
     * @param list<float>|null $values 31 bands
     */
    public function __construct(
        public string $name,
        public ?array $values,
        public LabView $lab,
        public string $hex,
    ) {
    }
}
