<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Colour\Coats;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\Film;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Observer;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Saunderson;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;

final class FilmTest extends TestCase
{
    use TestTrait;

    public function testWorkedFilms(): void
    {
        /**
         * @var list<array{name: string, input: array{drops: array<string, int>, thickness: float|int|null, illuminant: string, observer: string,
         *     ground?: array{values: list<float>}, dyes?: list<array{id: string, uptake: float}>}, expect: array{spectrum: list<float>, L: float,
         *     a: float, b: float, contrast_ratio: float}}> $cases
         */
        $cases = HouseRange::vectors()['colour.mix']['cases'];
        foreach ($cases as $case) {
            $input = $case['input'];
            $light = Light::of(Illuminant::from($input['illuminant']), Observer::from($input['observer']));
            $ground = isset($input['ground']) ? Spectrum::grid(HouseRange::floats($input['ground']['values'])) : null;
            if (null !== $ground && isset($input['dyes'])) {
                $ground = DyedLeather::look($ground, array_map(static fn (array $dye): array => [HouseRange::dye($dye['id']), $dye['uptake']], $input['dyes']));
            }
            $look = $ground;
            if ([] !== $input['drops']) {
                $pot = Mixture::of(HouseRange::paints(), $input['drops']);
                $thickness = null === $input['thickness'] ? null : (float) $input['thickness'];
                $look = $pot->look($ground, $thickness);
                self::assertEqualsWithDelta($case['expect']['contrast_ratio'], $pot->contrastRatio($thickness, $light), 1e-6, $case['name']);
            }
            \assert(null !== $look);
            self::assertEqualsWithDelta($case['expect']['spectrum'], $look->values, 1e-6, $case['name']);
            self::assertEqualsWithDelta($case['expect']['a'], $light->lab($look)->a, 1e-4, $case['name']);
        }
        self::assertCount(7, $cases);
    }

    public function testWorkedCoats(): void
    {
        /**
         * @var list<array{input: array{drops: array<string, int>, ground: array{values: list<float>}, thickness_per_coat: float,
         *     tolerance_dE00: float, base: string}, expect: array{coats_without_base: int, labs_without_base: list<list<float>>, opaque: list<float>,
         *     with_base: array{base_coats: int, coats: int, labs: list<list<float>>}}}> $cases
         */
        $cases = HouseRange::vectors()['colour.coats']['cases'];
        foreach ($cases as $case) {
            $input = $case['input'];
            $coats = new Coats($input['thickness_per_coat'], $input['tolerance_dE00'], 20, Light::daylight());
            $pot = Mixture::of(HouseRange::paints(), $input['drops']);
            $ground = Spectrum::grid(HouseRange::floats($input['ground']['values']));
            $bare = $coats->over($pot, $ground);
            $based = $coats->overBase($pot, $ground, HouseRange::paints()[$input['base']], $input['thickness_per_coat']);
            self::assertNotNull($based);
            self::assertSame($case['expect']['coats_without_base'], $bare->coats);
            self::assertSame([$case['expect']['with_base']['base_coats'], $case['expect']['with_base']['coats']], [$based->baseCoats, $based->coats]);
            foreach ([[$bare, $case['expect']['labs_without_base']], [$based, $case['expect']['with_base']['labs']]] as [$ladder, $labs]) {
                foreach ($ladder->steps as $i => $step) {
                    self::assertEqualsWithDelta($labs[$i], [$step->lab->lightness, $step->lab->a, $step->lab->b], 1e-3);
                }
            }
            self::assertEqualsWithDelta(20.0 * $input['thickness_per_coat'] * ($based->baseCoats + $based->coats), $based->dryUm, 1e-9);
        }
    }

    public function testAPaintMixedWithItselfIsItselfAndThePotMayBeScaledAndStirredInAnyOrder(): void
    {
        $this->forAll(
            Generators::elements(array_keys(HouseRange::paints())),
            Generators::elements(array_keys(HouseRange::paints())),
            Generators::choose(1, 30),
            Generators::choose(1, 30),
        )->then(static function (string $a, string $b, int $n, int $m): void {
            $paints = HouseRange::paints();
            $ground = HouseRange::ground('tan');
            $pot = Mixture::of($paints, $a === $b ? [$a => $n + $m] : [$a => $n, $b => $m]);
            $other = Mixture::of(array_reverse($paints), $a === $b ? [$a => 1] : [$b => 3 * $m, $a => 3 * $n]);
            self::assertEqualsWithDelta($pot->look($ground, 0.6)->values, $other->look($ground, 0.6)->values, 1e-12);
        });
    }

    public function testNoFilmIsTheGroundAndAThickOneTheMasstone(): void
    {
        foreach (HouseRange::paints() as $id => $paint) {
            $pot = Mixture::of([$id => $paint], [$id => 1]);
            $ground = HouseRange::ground('oxblood');
            self::assertEqualsWithDelta($ground->values, $pot->look($ground, 0.0)->values, 1e-12);
            self::assertEqualsWithDelta($ground->values, $pot->look($ground, 1e-9)->values, 1e-6);
            self::assertEqualsWithDelta($pot->look()->values, $pot->look($ground, 10_000.0)->values, 1e-9);
            self::assertSame(1.0, $pot->contrastRatio(null, Light::daylight()));
            self::assertEqualsWithDelta(1.0, $pot->contrastRatio(10_000.0, Light::daylight()), 1e-9);
        }
    }

    public function testTwoCoatsAreOneTwiceAsThick(): void
    {
        $pot = Mixture::of(HouseRange::paints(), ['straw' => 5, 'brick' => 2, Paint::CLEAR_BINDER => 4]);
        $ground = Saunderson::inside(HouseRange::ground('black')->values);
        $first = Film::reflectance($pot->k, $pot->s, $ground, 0.4);
        self::assertEqualsWithDelta(Film::reflectance($pot->k, $pot->s, $ground, 1.1), Film::reflectance($pot->k, $pot->s, $first, 0.7), 1e-12);
    }

    public function testTheLimitsOfTheFormulaMeetIt(): void
    {
        $ground = [0.37];
        // S → 0: R = Rg·exp(−2KX); K → 0: b·coth(bSX) → 1/(SX).
        self::assertEqualsWithDelta(0.37 * exp(-2.0 * 0.8 * 1.3), Film::reflectance([0.8], [0.0], $ground, 1.3)[0], 1e-12);
        self::assertEqualsWithDelta(Film::reflectance([0.8], [1e-9], $ground, 1.3)[0], Film::reflectance([0.8], [0.0], $ground, 1.3)[0], 1e-8);
        $sx = 2.5 * 1.3;
        self::assertEqualsWithDelta((1.0 - 0.37 * (1.0 - 1.0 / $sx)) / (1.0 - 0.37 + 1.0 / $sx), Film::reflectance([0.0], [2.5], $ground, 1.3)[0], 1e-12);
        self::assertEqualsWithDelta(Film::reflectance([1e-10], [2.5], $ground, 1.3)[0], Film::reflectance([0.0], [2.5], $ground, 1.3)[0], 1e-6);
        self::assertSame([0.37], Film::reflectance([0.0], [0.0], $ground, 1.3));
        self::assertSame([0.0], Film::reflectance([3.0], [0.0], null, null));
        self::assertSame([1.0], Film::reflectance([0.0], [3.0], null, null));
        self::assertEqualsWithDelta(
            0.0,
            Film::contrastRatio(array_fill(0, 31, 0.0), array_fill(0, 31, 0.0), 2.0, Light::daylight()),
            1e-12,
            'clear binder covers nothing',
        );
    }

    public function testTheSurfaceIsLeftAndEnteredWithoutLoss(): void
    {
        $inside = array_map(static fn (int $i): float => $i / 30.0, range(0, 30));
        self::assertEqualsWithDelta($inside, Saunderson::inside(Saunderson::measured($inside)), 1e-12);
    }

    public function testDyeOnlyAdds(): void
    {
        $this->forAll(
            Generators::elements(['tea', 'honey', 'russet', 'night-blue', 'jet']),
            Generators::elements(['veg-tan-natural', 'tan', 'brown', 'black']),
            Generators::choose(0, 60),
        )->then(static function (string $dye, string $ground, int $tenths): void {
            $leather = HouseRange::ground($ground);
            $once = DyedLeather::look($leather, [[HouseRange::dye($dye), $tenths / 10.0]]);
            $more = DyedLeather::look($leather, [[HouseRange::dye($dye), $tenths / 10.0], [HouseRange::dye($dye), 0.3]]);
            foreach ($leather->values as $i => $r) {
                self::assertLessThanOrEqual($r + 1e-12, $once->values[$i]);
                self::assertLessThanOrEqual($once->values[$i] + 1e-12, $more->values[$i]);
            }
        });
    }

    public function testWeakPaintNeedsMoreCoatsThanStrongAndABaseSavesSome(): void
    {
        $coats = new Coats(0.5, 1.0, 40, Light::daylight());
        $black = HouseRange::ground('black');
        $yellow = Mixture::of(HouseRange::paints(), ['straw' => 1]);
        $brick = Mixture::of(HouseRange::paints(), ['brick' => 1]);
        $bare = $coats->over($yellow, $black)->coats;
        $based = $coats->overBase($yellow, $black, HouseRange::paints()['chalk-white'], 0.5)?->all();
        self::assertGreaterThan($coats->over($brick, $black)->coats, $bare);
        self::assertLessThan($bare, $based);
        self::assertNull((new Coats(0.01, 0.0001, 3, Light::daylight()))->over($yellow, $black)->coats, 'no number up to the limit');
    }

    public function testAPotWithoutDropsOrOfAnUnknownPaintIsRefused(): void
    {
        foreach ([[], ['straw' => 0], ['gold' => 1], ['straw' => -1], ['straw' => \NAN]] as $drops) {
            try {
                Mixture::of(HouseRange::paints(), $drops);
                self::fail(json_encode(array_keys($drops), \JSON_THROW_ON_ERROR));
            } catch (ColourError $error) {
                self::assertNotSame('', $error->getMessage());
            }
        }
        $this->expectExceptionMessage('no opaque film');
        Mixture::of([], [Paint::CLEAR_BINDER => 3])->look();
    }

    public function testTheMasstonesOfTheRangeAreWhatItSays(): void
    {
        /** @var array{paints: list<array{id: string, masstone: array{L: float, a: float, b: float, hex: string}, contrast_ratio_x1: float}>} $range */
        $range = json_decode((string) file_get_contents(__DIR__.'/../../../demo/house-range.json'), true, flags: \JSON_THROW_ON_ERROR);
        foreach ($range['paints'] as $paint) {
            $pot = Mixture::of(HouseRange::paints(), [$paint['id'] => 1]);
            $lab = Light::daylight()->lab($pot->look());
            self::assertEqualsWithDelta(
                [$paint['masstone']['L'], $paint['masstone']['a'], $paint['masstone']['b']],
                [$lab->lightness, $lab->a, $lab->b],
                0.006,
                $paint['id'],
            );
            self::assertSame($paint['masstone']['hex'], $lab->toSrgbHex());
            self::assertEqualsWithDelta($paint['contrast_ratio_x1'], $pot->contrastRatio(1.0, Light::daylight()), 0.0006);
            self::assertSame(0.0, Difference::ciede2000($lab, $lab));
        }
    }
}
