<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Care;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\CareYear;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use PHPUnit\Framework\TestCase;

/** What a year of care takes, by hand and from the shelf. */
final class CareYearTest extends TestCase
{
    public function testMinutesAndAmountsAreThoseOfEachRound(): void
    {
        $year = CareYear::of(Kind::Derby, [self::due(CareKind::Feed, 73), self::due(CareKind::Brush, 1), self::due(CareKind::SoleCheck, 365)]);
        self::assertEqualsWithDelta(5 * 20 + 365 * 2, $year->ownMinutes, 1e-9);
        self::assertEqualsWithDelta(5.0, $year->shopMinutes, 1e-9);
        // Two halves of 7 dm², five times a year, laid with a cloth that passes on four fifths.
        $use = Family::of(FamilyId::Conditioner)->usePerM2;
        self::assertEqualsWithDelta(5 * 0.14 * $use / 0.8, $year->amounts['conditioner'] ?? 0.0, 1e-9);
        self::assertSame(['conditioner'], array_keys($year->amounts));
    }

    public function testASumIsKnownWhereEveryPriceIs(): void
    {
        $year = CareYear::of(Kind::Derby, [self::due(CareKind::Feed, 365), self::due(CareKind::Protect, 365)]);
        self::assertNull($year->materials(['conditioner' => 10.0]));
        self::assertEqualsWithDelta(
            10.0 * ($year->amounts['conditioner'] ?? 0.0) + 4.0 * ($year->amounts['repellent'] ?? 0.0),
            $year->materials(['conditioner' => 10.0, 'repellent' => 4.0]) ?? -1.0,
            1e-9,
        );
        self::assertSame(0.0, CareYear::of(Kind::Derby, [self::due(CareKind::Brush, 1)])->materials([]));
    }

    public function testALargerPieceTakesMore(): void
    {
        foreach (CareKind::cases() as $kind) {
            $of = static fn (Kind $piece): array => CareYear::of($piece, [self::due($kind, 90)])->amounts;
            foreach ($of(Kind::Derby) as $family => $amount) {
                self::assertLessThan($of(Kind::Jacket)[$family] ?? 0.0, $amount);
            }
        }
    }

    private static function due(CareKind $kind, int $every): CareDue
    {
        return new CareDue($kind, new \DateTimeImmutable('2026-01-01'), $every, '', '');
    }
}
