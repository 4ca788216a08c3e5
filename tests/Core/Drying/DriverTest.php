<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirOutOfRange;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\Humidity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DriverTest extends TestCase
{
    /** @return iterable<string, array{Driver, float, float, float, float}> worked out apart from the program */
    public static function rates(): iterable
    {
        // e(30)/e(20) = 42.38/23.33 hPa, times 0.3/0.5 for 70 % RH.
        yield 'water, warm and moist' => [Driver::Water, 30.0, 0.7, 0.1, 1.0896];
        // Nine times the reference speed is three times the rate.
        yield 'water in a draught' => [Driver::Water, 20.0, 0.5, 0.9, 3.0];
        yield 'water in a storm counts as 2 m/s' => [Driver::Water, 20.0, 0.5, 9.0, 4.4721];
        // Isopropyl alcohol: 60.7 over 33.0 mmHg.
        yield 'alcohol, warm' => [Driver::Alcohol, 30.0, 0.95, 0.1, 1.8379];
        // n-Heptane: 58.4 over 35.5 mmHg.
        yield 'naphtha, warm' => [Driver::Naphtha, 30.0, 0.2, 0.1, 1.6468];
        // Acetone: 283.8 over 184.4 mmHg.
        yield 'acetone, warm' => [Driver::Acetone, 30.0, 0.2, 0.1, 1.5393];
        // exp(-35000/8.314 × (1/303.15 − 1/293.15)) and with 50000.
        yield 'absorbing, warm' => [Driver::Absorb, 30.0, 0.5, 0.1, 1.6058];
        yield 'curing, warm' => [Driver::Cure, 30.0, 0.5, 2.0, 1.9673];
    }

    #[DataProvider('rates')]
    public function testRatesAreThoseOfTheFormulas(Driver $driver, float $tempC, float $rh, float $speed, float $rate): void
    {
        self::assertEqualsWithDelta($rate, $driver->rate(Air::of($tempC, $rh, $speed)), 0.002);
    }

    public function testEveryRateIsOneInTheReferenceAir(): void
    {
        foreach (Driver::cases() as $driver) {
            self::assertEqualsWithDelta(1.0, $driver->rate(Air::reference()), 1e-12, $driver->value);
        }
    }

    public function testWaterStandsStillInSaturatedAir(): void
    {
        self::assertSame(0.0, Driver::Water->rate(Air::of(25.0, 1.0)));
    }

    public function testDewPointAgreesWithPublishedTables(): void
    {
        // 20 °C and 50 %: 9.3 °C; 25 °C and 80 %: 21.3 °C.
        self::assertEqualsWithDelta(9.26, Humidity::dewPointC(20.0, 0.5), 0.05);
        self::assertEqualsWithDelta(21.31, Humidity::dewPointC(25.0, 0.8), 0.05);
        self::assertEqualsWithDelta(18.0, Humidity::dewPointC(18.0, 1.0), 1e-9);
    }

    public function testAirThatCannotBeIsRefusedByTheNameOfItsField(): void
    {
        foreach (
            [['temp_c', 200.0, 0.5, 0.1], ['rh', 20.0, 50.0, 0.1], ['speed_ms', 20.0, 0.5, -1.0], ['temp_c', \NAN, 0.5, 0.1]] as [$field, $temp, $rh, $speed]
        ) {
            try {
                Air::of($temp, $rh, $speed);
                self::fail($field.' was let through');
            } catch (AirOutOfRange $error) {
                self::assertSame($field, $error->field);
            }
        }
    }
}
