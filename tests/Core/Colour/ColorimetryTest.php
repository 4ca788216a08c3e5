<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Observer;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\Srgb;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColorimetryTest extends TestCase
{
    /**
     * Pairs of Sharma, Wu and Dalal (2005), table 1, chosen for the traps: hues across 0°, opposite hues, greys, deep blue.
     *
     * @return iterable<array{list<float>, list<float>, float}>
     */
    public static function published(): iterable
    {
        yield [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425];
        yield [[50.0, 3.1571, -77.2803], [50.0, 0.0, -82.7485], 2.8615];
        yield [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0009], 7.1792];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0011], 7.2195];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0009, -2.4900], 4.8045];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0011, -2.4900], 4.7461];
        yield [[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492];
        yield [[50.0, 2.5, 0.0], [58.0, 24.0, 15.0], 19.4535];
        yield [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644];
        yield [[22.7233, 20.0904, -46.6940], [23.0331, 14.9730, -42.5619], 2.0373];
        yield [[90.8027, -2.0831, 1.4410], [91.1528, -1.6435, 0.0447], 1.4441];
        yield [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082];
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    #[DataProvider('published')]
    public function testPublishedPairs(array $a, array $b, float $expected): void
    {
        $from = Lab::computed($a[0], $a[1], $a[2]);
        $to = Lab::computed($b[0], $b[1], $b[2]);
        self::assertEqualsWithDelta($expected, Difference::between($from, $to)->dE00, 1e-4);
        self::assertEqualsWithDelta($expected, Difference::between($to, $from)->dE00, 1e-4, 'and back');
    }

    public function testWorkedDifferences(): void
    {
        /**
         * @var list<array{name: string, input: array{a: array{L: float, a: float, b: float}, b: array{L: float, a: float, b: float}},
         *     expect: array{dE00: float, dE76: float, dL: float, dC: float, dH: float}}> $cases
         */
        $cases = HouseRange::vectors()['colour.difference']['cases'];
        foreach ($cases as $case) {
            ['a' => $a, 'b' => $b] = $case['input'];
            $found = Difference::between(Lab::computed($a['L'], $a['a'], $a['b']), Lab::computed($b['L'], $b['a'], $b['b']));
            foreach ([$found->dE00, $found->dE76, $found->dL, $found->dC, $found->dH] as $i => $value) {
                self::assertEqualsWithDelta(array_values($case['expect'])[$i], $value, 1e-4, $case['name']);
            }
            self::assertEqualsWithDelta($found->dE76 ** 2, $found->dL ** 2 + $found->dC ** 2 + $found->dH ** 2, 1e-6);
        }
        self::assertCount(34, $cases);
    }

    public function testWorkedSpectraUnderEveryLight(): void
    {
        /**
         * @var list<array{name: string, spectrum: array{start: int, step: int, values: list<float>}, expect: list<array{L: float, a: float,
         *     b: float}>, exact: list<array{illuminant: string, observer: string, X: float, Y: float, Z: float, L: float, a: float, b: float,
         *     hex: string, in_srgb: bool}>}> $cases
         */
        $cases = HouseRange::vectors()['colour.from-spectrum']['cases'];
        foreach ($cases as $case) {
            $spectrum = Spectrum::of($case['spectrum']['start'], $case['spectrum']['step'], HouseRange::floats($case['spectrum']['values']), 1.5);
            foreach ($case['exact'] as $i => $exact) {
                $light = Light::of(Illuminant::from($exact['illuminant']), Observer::from($exact['observer']));
                $xyz = $light->xyz($spectrum);
                $lab = $xyz->toLab($light->white);
                foreach (
                    [
                        [$exact['X'], $xyz->x],
                        [$exact['Y'], $xyz->y],
                        [$exact['Z'], $xyz->z],
                        [$exact['L'], $lab->lightness],
                        [$exact['a'], $lab->a],
                        [$exact['b'], $lab->b],
                    ] as [$expected, $value]
                ) {
                    self::assertEqualsWithDelta($expected, $value, 1e-4, $case['name']);
                }
                $other = $case['expect'][$i];
                self::assertLessThan(
                    0.2,
                    Difference::ciede2000($lab, Lab::computed($other['L'], $other['a'], $other['b'])),
                    'another tool, that interpolates with a curve',
                );
                $srgb = Srgb::of($xyz, $light->white);
                self::assertSame([$exact['hex'], $exact['in_srgb']], [$srgb->hex(), $srgb->inGamut()]);
            }
        }
        self::assertCount(10, $cases);
    }

    public function testPerfectWhiteIsWhiteUnderEveryLight(): void
    {
        foreach (Illuminant::cases() as $illuminant) {
            foreach (Observer::cases() as $observer) {
                $light = Light::of($illuminant, $observer);
                $lab = $light->lab(Spectrum::flat(1.0));
                self::assertEqualsWithDelta([100.0, 0.0, 0.0], [$lab->lightness, $lab->a, $lab->b], 1e-9);
                self::assertEqualsWithDelta(
                    [$light->white->x, $light->white->y, $light->white->z],
                    [array_sum($light->x), array_sum($light->y), array_sum($light->z)],
                    1e-9,
                    'the weights a band add up to the same',
                );
            }
        }
    }

    public function testAnyStepAndStartGivesTheSameColourOfAStraightLine(): void
    {
        $line = static fn (float $nm): float => 0.1 + ($nm - 360.0) / 1000.0;
        $labs = [];
        foreach ([[360, 1], [380, 2], [400, 5], [360, 10], [360, 20]] as [$start, $step]) {
            $values = array_map(static fn (int $nm): float => $line($nm), range($start, 740, $step));
            $labs[] = Light::daylight()->lab(Spectrum::of($start, $step, $values));
        }
        foreach ($labs as $lab) {
            self::assertLessThan(0.02, Difference::ciede2000($labs[0], $lab));
        }
    }

    /** @return iterable<string, array{int, int, list<float>, string}> */
    public static function unusable(): iterable
    {
        $grid = array_fill(0, 31, 0.5);
        yield 'starts too late' => [430, 10, $grid, 'starts between'];
        yield 'an odd step' => [400, 7, $grid, 'nm apart'];
        yield 'ends too early' => [400, 10, array_fill(0, 20, 0.5), '680'];
        yield 'negative' => [400, 10, array_replace($grid, [3 => -0.01]), '430 nm'];
        yield 'above one' => [400, 10, array_replace($grid, [0 => 1.2]), '400 nm'];
        yield 'not a number' => [400, 10, array_replace($grid, [30 => \NAN]), '700 nm'];
    }

    /** @param list<float> $values */
    #[DataProvider('unusable')]
    public function testWhatIsNoSpectrumSaysWhy(int $start, int $step, array $values, string $words): void
    {
        $this->expectException(ColourError::class);
        $this->expectExceptionMessage($words);
        Spectrum::of($start, $step, $values);
    }

    public function testTheSmoothestReflectanceHasTheColourAndIsSmooth(): void
    {
        foreach ([Illuminant::D65, Illuminant::A, Illuminant::D50] as $illuminant) {
            $light = Light::of($illuminant);
            foreach ([[50.0, 0.0, 0.0], [34.0, 20.0, 21.0], [26.0, -14.0, 6.0], [89.0, 1.0, 9.0], [22.0, 2.0, -14.0]] as [$l, $a, $b]) {
                $spectrum = SmoothestReflectance::of(Lab::of($l, $a, $b), $light);
                self::assertLessThan(1e-3, Difference::ciede2000(Lab::of($l, $a, $b), $light->lab($spectrum)));
                $steps = array_map(static fn (int $i): float => abs($spectrum->values[$i + 1] - $spectrum->values[$i]), range(0, 29));
                self::assertLessThan(0.08, max($steps), 'no spike');
            }
        }
        $flat = SmoothestReflectance::of(Lab::of(50.0, 0.0, 0.0), Light::daylight());
        self::assertEqualsWithDelta(0.1842, $flat->values[15], 1e-3, 'grey is flat');
        self::assertEqualsWithDelta($flat->values[0], $flat->values[30], 1e-3);
    }

    public function testAColourThatNoReflectanceHasIsDrawnTowardsGreyUntilOneHas(): void
    {
        $spectrum = SmoothestReflectance::of(Lab::of(30.0, 100.0, -120.0), Light::daylight());
        $lab = Light::daylight()->lab($spectrum);
        self::assertEqualsWithDelta(30.0, $lab->lightness, 0.1);
        self::assertEqualsWithDelta(atan2(-120.0, 100.0), atan2($lab->b, $lab->a), 0.02, 'of the same hue');
    }
}
