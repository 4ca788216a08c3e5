<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

final readonly class LedgerPieceView
{
    public function __construct(public int $id, public string $name, public string $customer, public string $kind, public ?string $finishedAt, public string $hex)
    {
    }
}
