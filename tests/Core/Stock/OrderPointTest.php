<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Stock;

use KindHeel\Core\Stock\OrderPoint;
use PHPUnit\Framework\TestCase;

final class OrderPointTest extends TestCase
{
    public function testItIsLeadTimeTimesUseAndOneUsualJob(): void
    {
        // 4 ml a day for 10 days, and 15 ml for a job.
        $point = OrderPoint::of(4.0, 10, 15.0);
        self::assertSame(55.0, $point->level);
        self::assertSame(0, $point->packs(55.0, 250.0));
        // 55 + 30 days of 4 ml are 175 ml; 54 are there: 121 ml are wanted.
        self::assertSame(1, $point->packs(54.0, 250.0));
        self::assertSame(3, $point->packs(54.0, 50.0));
    }

    public function testWhatPlansWantBeyondWhatIsThereIsOrderedToo(): void
    {
        self::assertSame(0, OrderPoint::of(0.0, 7, 0.0)->packs(0.0, 100.0), 'what nobody uses is not ordered');
        self::assertSame(2, OrderPoint::of(0.0, 7, 0.0)->packs(-150.0, 100.0));
    }

    public function testAUsualJobIsTheMedianSoThatOneLargeBagDoesNotCount(): void
    {
        self::assertSame(0.0, OrderPoint::usualJob([]));
        self::assertSame(6.0, OrderPoint::usualJob([400.0, 5.0, 6.0]));
        self::assertSame(5.5, OrderPoint::usualJob([6.0, 5.0, 400.0, 4.0]));
    }
}
