<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DabInput
{
    /**
     * @param list<list<float>>|null  $measured spectra; without them the reader on the bench reads
     * @param array<string, int>|null $eye      how it is off as an eye says it, steps of five by the word; none where it sees no difference
     */
    public function __construct(
        public int $version,
        public ?array $measured = null,
        public ?array $eye = null,
    ) {
    }
}
