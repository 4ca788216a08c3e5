<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class InvoiceView
{
    /** @param list<LineView> $lines tax included */
    public function __construct(
        public int $id,
        public int $number,
        public int $ticket,
        public string $customer,
        public string $currency,
        public string $at,
        public array $lines,
        public int $netCents,
        public int $taxCents,
        /** of a hundred */
        public string $taxPercent,
        public int $grossCents,
        public ?string $paidAt,
        public string $how,
    ) {
    }
}
