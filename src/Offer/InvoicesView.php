<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class InvoicesView
{
    /** @param list<InvoiceView> $invoices the newest first */
    public function __construct(public array $invoices)
    {
    }
}
