<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\SensorFault;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\WhatIf;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Air that differs from place to place, what may be done to it, and instruments that fail. */
final class PlacesTest extends TestCase
{
    private \DateTimeImmutable $now;

    protected function setUp(): void
    {
        $this->now = new \DateTimeImmutable('2026-03-02T10:00:00+00:00');
    }

    public function testACoatThatIsMovedMeetsTheAirOfEachPlaceInTurn(): void
    {
        $rack = AirRecord::of([new AirSpan($this->now->modify('-1 hour'), Air::reference())]);
        $box = AirRecord::of([new AirSpan($this->now->modify('-1 hour'), Air::of(32.0, 0.25, 0.6))]);
        $paint = Family::of(FamilyId::Paint)->drying;
        $minutes = static fn (AirRecord $record): float => (new Forecaster())
            ->forecast(new Coat($paint, $record->begins()), $record)
            ->minutes(Stage::RecoatFrom) ?? self::fail('It dries.');
        $moved = AirRecord::along([[$this->now, $rack], [$this->now->modify('+5 minutes'), $box]]);
        // Five of the twenty minutes at rate 1, the rest at the rate of the box.
        self::assertEqualsWithDelta(5.0 + 15.0 / Driver::Water->rate(Air::of(32.0, 0.25, 0.6)), $minutes($moved), 1e-6);
        self::assertEqualsWithDelta(20.0, $minutes(AirRecord::along([[$this->now, $rack]])), 1e-6);
        self::assertEqualsWithDelta(
            $minutes($moved),
            $minutes(AirRecord::along([[$this->now, $rack]])->changedFrom($this->now->modify('+5 minutes'), Air::of(32.0, 0.25, 0.6))),
            1e-9,
            'or the air is changed about it',
        );
    }

    public function testWarmedAirIsDrierThoughNoWaterHasLeftIt(): void
    {
        $air = Air::of(18.0, 0.6);
        $warm = WhatIf::Heater->of($air, $air);
        self::assertEqualsWithDelta(21.0, $warm->tempC, 1e-9);
        self::assertEqualsWithDelta($air->dewPointC(), $warm->dewPointC(), 1e-6);
        self::assertLessThan(0.6, $warm->rh);
        self::assertSame([18.0, 0.6, 1.0], [WhatIf::Fan->of($air, $air)->tempC, WhatIf::Fan->of($air, $air)->rh, WhatIf::Fan->of($air, $air)->speedMs]);
    }

    public function testAWindowOntoDampAirMaySlowWaterDown(): void
    {
        $room = Air::of(20.0, 0.5, 0.4);
        $rate = static fn (Air $outside): float => Driver::Water->rate(WhatIf::Window->of($room, $outside)) / Driver::Water->rate($room);
        self::assertLessThan(1.0, $rate(Air::of(12.0, 0.98)));
        self::assertGreaterThan(1.0, $rate(Air::of(24.0, 0.3)));
    }

    public function testAFanNeverSlowsAnythingThatEvaporates(): void
    {
        foreach ([Driver::Water, Driver::Alcohol, Driver::Naphtha, Driver::Acetone] as $driver) {
            foreach ([[8.0, 0.9, 0.1], [20.0, 0.5, 0.4], [30.0, 0.2, 2.5]] as $air) {
                self::assertGreaterThanOrEqual($driver->rate(Air::of(...$air)), $driver->rate(WhatIf::Fan->of(Air::of(...$air), Air::reference())));
            }
        }
    }

    /** @return iterable<string, array{SensorFault|null, array{float, float, float}|null}> */
    public static function said(): iterable
    {
        yield 'says nothing' => [SensorFault::Missing, null];
        yield 'says what no room can be' => [SensorFault::Absurd, [-127.0, 0.5, 0.1]];
        yield 'more than all the water there can be' => [SensorFault::Absurd, [20.0, 2.55, 0.1]];
        yield 'no number' => [SensorFault::Absurd, [\NAN, 0.5, 0.1]];
        yield 'jumps' => [SensorFault::Absurd, [33.0, 0.5, 0.1]];
        yield 'a little warmer' => [null, [20.4, 0.49, 0.1]];
    }

    /** @param array{float, float, float}|null $said */
    #[DataProvider('said')]
    public function testAnInstrumentThatFailsIsRecognised(?SensorFault $fault, ?array $said): void
    {
        $before = [new AirSpan($this->now->modify('-10 minutes'), Air::of(20.2, 0.5))];
        self::assertSame($fault, SensorFault::in($said, $before, $this->now));
        self::assertStringContainsString('rack', ($fault ?? SensorFault::Stuck)->sentence('rack'));
    }

    public function testTheVerySameFiguresForHoursAreThoseOfASensorThatHasStopped(): void
    {
        $readings = fn (int $count, int $moved = 0): array => array_map(
            fn (int $n): AirSpan => new AirSpan($this->now->modify(\sprintf('-%d minutes', 10 * $n)), Air::of($n === $moved ? 20.3 : 20.2, 0.5)),
            range($count, 1),
        );
        $steady = $readings(20);
        self::assertSame(SensorFault::Stuck, SensorFault::in([20.2, 0.5, 0.1], $steady, $this->now));
        self::assertNull(SensorFault::in([20.3, 0.5, 0.1], $steady, $this->now), 'it moves again');
        self::assertNull(SensorFault::in([20.2, 0.5, 0.1], $readings(20, 12), $this->now), 'it moved two hours ago');
        self::assertNull(SensorFault::in([20.2, 0.5, 0.1], $readings(6), $this->now), 'an hour of the same is a quiet room');
    }
}
