<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DabInput
{
    /**
     * @param list<list<float>>|null $measured spectra; without them the reader on the bench reads
     */
    public function __construct(
        public int $version,
        public ?array $measured = null,
    ) {
    }
}
