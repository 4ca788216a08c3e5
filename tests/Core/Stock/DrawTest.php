<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Stock;

use KindHeel\Core\Stock\Draw;
use KindHeel\Core\Stock\LotOnHand;
use PHPUnit\Framework\TestCase;

final class DrawTest extends TestCase
{
    public function testTheOldestOpenLotIsUsedUpBeforeTheNextIsOpened(): void
    {
        $lots = [self::lot(1, 500.0, '2026-01-01'), self::lot(2, 30.0, '2025-11-01', '2026-02-10'), self::lot(3, 12.0, '2025-12-01', '2026-02-01')];
        self::assertSame([3 => 12.0, 2 => 30.0, 1 => 8.0], Draw::from($lots, 50.0));
        self::assertSame([3 => 5.0], Draw::from($lots, 5.0));
    }

    public function testOfUnopenedLotsTheOneBoughtFirstIsOpened(): void
    {
        self::assertSame([2 => 20.0], Draw::from([self::lot(1, 100.0, '2026-02-01'), self::lot(2, 100.0, '2026-01-01')], 20.0));
    }

    public function testMoreThanIsThereIsBookedOnTheLastOneTakenFrom(): void
    {
        self::assertSame([1 => 5.0, 2 => 25.0], Draw::from([self::lot(1, 5.0, '2026-01-01', '2026-01-02'), self::lot(2, 10.0, '2026-01-01')], 30.0));
        self::assertSame([1 => 30.0], Draw::from([self::lot(1, -2.0, '2026-01-01', '2026-01-02')], 30.0), 'one that is below nothing stays the one');
        self::assertSame([], Draw::from([], 30.0));
    }

    public function testWhatIsTakenIsAlwaysWhatWasAskedFor(): void
    {
        mt_srand(20);
        for ($i = 0; $i < 200; ++$i) {
            $lots = [];
            for ($n = mt_rand(1, 5); $n > 0; --$n) {
                $lots[] = self::lot($n, mt_rand(-5, 60) / 1.0, '2026-01-'.\sprintf('%02d', mt_rand(1, 28)), mt_rand(0, 1) > 0 ? '2026-02-01' : null);
            }
            $amount = mt_rand(1, 200) / 2.0;
            self::assertEqualsWithDelta($amount, array_sum(Draw::from($lots, $amount)), 1e-9);
        }
    }

    private static function lot(int $id, float $left, string $bought, ?string $opened = null): LotOnHand
    {
        return new LotOnHand($id, $left, new \DateTimeImmutable($bought), null === $opened ? null : new \DateTimeImmutable($opened));
    }
}
