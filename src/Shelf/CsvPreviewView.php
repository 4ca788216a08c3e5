<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** What a list of products would change here; nothing is written while one row is faulty. */
final readonly class CsvPreviewView
{
    /** @param list<CsvRowView> $rows */
    public function __construct(public int $new, public int $changed, public int $same, public int $faulty, public array $rows, public bool $done)
    {
    }
}
