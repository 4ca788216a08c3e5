<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;

/** Whether the work is worth it: its price against that of another piece and what this one means (J-1). */
enum Worth: string
{
    case WorthIt = 'worth-it';
    case Think = 'think';
    case SayOutLoud = 'say-out-loud';

    private const WORTH_IT_TO = '0.50';
    private const THINK_TO = '0.90';

    /** @param BigDecimal $share of the price of another piece */
    public static function for(BigDecimal $share, Meaning $meaning): self
    {
        $step = $share->isLessThanOrEqualTo(self::WORTH_IT_TO) ? 0 : ($share->isLessThanOrEqualTo(self::THINK_TO) ? 1 : 2);
        $kinder = match ($meaning) {
            Meaning::Heirloom => -1,
            Meaning::None => 1,
            Meaning::Some, Meaning::Dear => 0,
        };

        return self::cases()[max(0, min(2, $step + $kinder))];
    }
}
