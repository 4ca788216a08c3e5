<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Offer;

use Brick\Math\BigDecimal;
use KindHeel\Core\Offer\CareOfAYear;
use PHPUnit\Framework\TestCase;

final class CareOfAYearTest extends TestCase
{
    public function testAPairFedEveryNineMonths(): void
    {
        $money = static fn (string $sum): BigDecimal => BigDecimal::of($sum);
        $year = CareOfAYear::of(9, 25, $money('15.00'), $money('2.50'), $money('45.00'), $money('6.00'), $money('200.00'), 12, 4);
        // 25 minutes of 15.00 an hour are 6.25, with 2.50 of cream 8.75; four times in three years.
        self::assertSame('11.67', (string) $year->ownHands);
        self::assertSame('68.00', (string) $year->shop);
        self::assertSame('16.67', (string) $year->kept);
        self::assertSame('50.00', (string) $year->wornOut);
    }
}
