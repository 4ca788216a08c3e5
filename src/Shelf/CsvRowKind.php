<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

enum CsvRowKind: string
{
    case New = 'new';
    case Changed = 'changed';
    case Same = 'same';
    case Faulty = 'faulty';
}
