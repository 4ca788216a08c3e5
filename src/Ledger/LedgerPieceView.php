<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use KindHeel\Core\Anatomy\Kind;

final readonly class LedgerPieceView
{
    public function __construct(public int $id, public string $name, public string $customer, public Kind $kind, public ?string $finishedAt, public string $hex)
    {
    }
}
