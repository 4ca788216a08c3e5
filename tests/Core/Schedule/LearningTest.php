<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Learning\GateEvidence;
use KindHeel\Core\Schedule\Learning\Learned;
use PHPUnit\Framework\TestCase;

final class LearningTest extends TestCase
{
    public function testNothingSeenChangesNothing(): void
    {
        self::assertSame([1.0, 0], [Learned::from([])->factor, Learned::from([])->evidence]);
        self::assertSame(Learned::USUAL_SPREAD, Learned::from([])->spread);
    }

    public function testAFactorIsDrawnTowardsTheBookUntilMuchHasBeenSeen(): void
    {
        $after = static fn (int $n): float => Learned::from(array_fill(0, $n, 1.5))->factor;
        self::assertEqualsWithDelta(1.5 ** (2 / 8), $after(2), 1e-12);
        self::assertGreaterThan($after(2), $after(10));
        self::assertGreaterThan(1.45, $after(100));
        self::assertLessThan(1.5, $after(100));
        self::assertSame(1.0, Learned::from([1.0, 1.0, 1.0])->factor);
    }

    public function testOneWildDayDoesNotOverturnTheRest(): void
    {
        $calm = [1.1, 1.12, 1.09, 1.11, 1.1, 1.08, 1.13];
        self::assertEqualsWithDelta(Learned::from($calm)->factor, Learned::from([...$calm, 40.0])->factor, 0.02);
        self::assertEqualsWithDelta(Learned::from($calm)->spread, Learned::from([...$calm, 40.0])->spread, 0.03);
    }

    public function testTwiceAsLongAndHalfAsLongAreOppositesAndOrderDoesNotMatter(): void
    {
        $ratios = [1.3, 0.9, 1.7, 1.1, 1.4];
        self::assertEqualsWithDelta(
            1.0,
            Learned::from($ratios)->factor * Learned::from(array_map(static fn (float $r): float => 1 / $r, $ratios))->factor,
            1e-12,
        );
        self::assertEquals(Learned::from($ratios), Learned::from(array_reverse($ratios)));
    }

    public function testAGateTestTellsAsMuchAsItCan(): void
    {
        // Not yet at forty, passed at sixty: it came ready in between.
        self::assertEqualsWithDelta(sqrt(2400) / 40.0, GateEvidence::ratio(40.0, 40.0, 60.0, 40.0), 1e-12);
        self::assertEqualsWithDelta(0.75, GateEvidence::ratio(40.0, 40.0, 30.0, null), 1e-12, 'passed before its time');
        self::assertSame(1.0, GateEvidence::ratio(40.0, 40.0, 44.0, null), 'as was expected');
        self::assertEqualsWithDelta(1.2, GateEvidence::ratio(40.0, 48.0, 50.0, null), 1e-12, 'as was expected here');
        self::assertNull(GateEvidence::ratio(40.0, 40.0, 400.0, null), 'tested after lunch: nothing is learned');
        self::assertNull(GateEvidence::ratio(0.0, 0.0, 1.0, null));
    }

    public function testNoWorkshopIsSaidToBeMoreThanThreeTimesFromTheBookNorToBeACertainty(): void
    {
        self::assertEqualsWithDelta(3.0 ** (1 / 7), Learned::from([100.0])->factor, 1e-12, 'a slip of the pen counts as three');
        self::assertEqualsWithDelta(3.0 ** (-1 / 7), Learned::from([0.001])->factor, 1e-12);
        self::assertLessThan(3.0, Learned::from(array_fill(0, 500, 40.0))->factor);
        self::assertSame(0.05, Learned::from(array_fill(0, 1000, 1.0))->spread, 'hands are never a machine');
        self::assertSame(0, Learned::from([0.0, -1.0])->evidence, 'no work takes no time');
    }
}
