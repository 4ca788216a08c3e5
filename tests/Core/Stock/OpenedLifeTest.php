<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Stock;

use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Stock\OpenedLife;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OpenedLifeTest extends TestCase
{
    #[TestWith(['2025-01-31 08:00', 1, '2025-02-28 08:00'])]
    #[TestWith(['2025-08-15 12:30', 18, '2027-02-15 12:30'])]
    #[TestWith(['2024-02-29 00:00', 12, '2025-02-28 00:00'])]
    #[TestWith(['2025-12-31 23:00', 6, '2026-06-30 23:00'])]
    public function testItEndsSoManyMonthsOnAtTheLatestOnTheLastDayOfTheMonth(string $opened, int $months, string $ends): void
    {
        $life = new OpenedLife($months);
        $opened = new \DateTimeImmutable($opened);
        $ends = new \DateTimeImmutable($ends);
        self::assertEquals($ends, $life->endsAt($opened));
        self::assertFalse($life->isOver($opened, $ends));
        self::assertTrue($life->isOver($opened, $ends->modify('+1 minute')));
    }

    public function testEveryFamilyKeepsBetweenHalfAYearAndTwo(): void
    {
        foreach (FamilyId::cases() as $family) {
            self::assertGreaterThanOrEqual(6, Family::of($family)->openedMonths, $family->value);
            self::assertLessThanOrEqual(24, Family::of($family)->openedMonths, $family->value);
        }
    }
}
