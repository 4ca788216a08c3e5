<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use PHPUnit\Framework\TestCase;

/** What wants a look inside a wait (W-8, W-9, W-11). */
final class BellTest extends TestCase
{
    private const LAID = '2026-03-03T09:00:00+00:00';

    public function testWhitenedRubberIsLookedAtEveryTwoHoursUntilItMayComeOff(): void
    {
        self::assertSame(['11:00', '13:00', '15:00'], $this->rings(FamilyId::Peroxide, '2026-03-03T17:00:00+00:00'), 'not at the very end');
        self::assertSame(['11:00'], $this->rings(FamilyId::Peroxide, '2026-03-03T11:30:00+00:00'));
        self::assertSame([], $this->rings(FamilyId::Peroxide, '2026-03-03T10:00:00+00:00'));
    }

    public function testWhereItNeverEndsItRingsForADay(): void
    {
        self::assertCount(11, $this->rings(FamilyId::Peroxide, null));
    }

    public function testWhatIsWetThroughIsTurnedTwice(): void
    {
        foreach ([FamilyId::Soap, FamilyId::Wash] as $wet) {
            self::assertSame(['13:00', '17:00'], $this->rings($wet, '2026-03-04T09:00:00+00:00'));
        }
    }

    public function testClampsAreLookedAtOnceWhileTheCementCures(): void
    {
        self::assertSame(['10:00'], $this->rings(FamilyId::Cement, '2026-03-04T09:00:00+00:00'));
        self::assertSame(Stage::Full, Family::of(FamilyId::Cement)->bell?->until, 'long after it may be joined');
    }

    public function testACoatOfPaintIsLetBe(): void
    {
        self::assertNull(Family::of(FamilyId::Paint)->bell);
    }

    /** @return list<string> */
    private function rings(FamilyId $family, ?string $until): array
    {
        $bell = Family::of($family)->bell;
        self::assertNotNull($bell);

        return array_map(
            static fn (\DateTimeImmutable $at): string => $at->format('H:i'),
            $bell->rings(new \DateTimeImmutable(self::LAID), null === $until ? null : new \DateTimeImmutable($until)),
        );
    }
}
