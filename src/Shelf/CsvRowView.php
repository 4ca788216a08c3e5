<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

final readonly class CsvRowView
{
    public function __construct(
        /** of the file, the heads being the first */
        public int $line,
        public string $name,
        public CsvRowKind $kind,
        /** what changes, or what is wrong */
        public string $says,
    ) {
    }
}
