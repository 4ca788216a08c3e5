<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** A line that an owner understands, in hundredths. */
final readonly class LineView
{
    public function __construct(public string $what, public int $cents)
    {
    }

    /** “EUR 61.50”, as it stands in the ledger. */
    public static function money(int $cents, string $currency): string
    {
        return $currency.' '.self::sum($cents);
    }

    public static function sum(int $cents): string
    {
        return \sprintf('%d.%02d', intdiv($cents, 100), $cents % 100);
    }
}
