<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\DrawDowns;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\DyeLadder;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Colour\MeasuredSet;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\Undertone;
use KindHeel\Core\Colour\Uptake;
use KindHeel\Core\Colour\WetLook;
use KindHeel\Core\Product\Applicator;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the bench makes of the arithmetic: words, draw-downs, readings, finishes, dyes, amounts. */
final class BenchColourTest extends TestCase
{
    /** @return iterable<array{list<float>, list<float>, string, string}> aim, what it is, the words of a dab, the words of a pair */
    public static function differences(): iterable
    {
        yield [[40.0, 20.0, 20.0], [40.0, 20.1, 20.1], 'no difference to be seen', 'the same to the eye'];
        yield [[40.0, 20.0, 20.0], [50.0, 20.0, 20.0], 'much too light', 'much lighter'];
        yield [[40.0, 20.0, 20.0], [40.0, 15.0, 15.0], 'too dirty', 'dirtier'];
        yield [[40.0, 20.0, 20.0], [38.0, 17.0, 22.0], 'too yellow, and deep', 'yellower, and deeper'];
        yield [[45.0, 1.0, 1.0], [44.5, -0.5, 1.5], 'too green', 'greener'];
        yield [[30.0, 2.0, -30.0], [30.0, 6.0, -30.0], 'too red', 'redder'];
        yield [[70.0, 5.0, 22.0], [70.0, 5.8, 21.4], 'a touch too red', 'a touch redder'];
    }

    /**
     * @param list<float> $aim
     * @param list<float> $is
     */
    #[DataProvider('differences')]
    public function testADifferenceInWords(array $aim, array $is, string $off, string $compared): void
    {
        $words = DifferenceWords::of(Lab::of($aim[0], $aim[1], $aim[2]), Lab::of($is[0], $is[1], $is[2]));
        self::assertSame([$off, $compared], [$words->off(), $words->compared()]);
    }

    public function testHowNearItMustBeHangsOnWhereItLies(): void
    {
        self::assertStringStartsWith('A close match: 1.0', MatchLimit::LeftRight->verdict(1.0));
        self::assertStringStartsWith('Not near enough: 1.4', MatchLimit::SamePart->verdict(1.4));
        self::assertStringStartsWith('A close match', MatchLimit::BetweenParts->verdict(1.9));
    }

    public function testAPaintDrawnDownThinlyIsKnownAndPredictsWhatItDoes(): void
    {
        $white = Spectrum::flat(0.82);
        $black = Spectrum::flat(0.04);
        foreach (HouseRange::paints() as $id => $paint) {
            $pot = Mixture::of([$id => $paint], [$id => 1]);
            $fit = DrawDowns::fit('mine', $pot->look($white, 0.25), $pot->look($black, 0.25), $white, $black, 0.25);
            self::assertLessThan(0.2, max($fit->overWhite, $fit->overBlack), $id);
            if (0 === $fit->hidden) {
                self::assertEqualsWithDelta($paint->absorption, $fit->paint->absorption, 1e-5 * max(1.0, ...$paint->absorption), $id);
                self::assertEqualsWithDelta($paint->scattering, $fit->paint->scattering, 1e-5 * max(1.0, ...$paint->scattering), $id);
                $mixed = ['x' => $fit->paint, 'white' => HouseRange::paints()['chalk-white']];
                $again = Mixture::of($mixed, ['x' => 2, 'white' => 3])->look(HouseRange::ground('tan'), 0.5);
                $truth = Mixture::of(['x' => $paint] + $mixed, ['x' => 2, 'white' => 3])->look(HouseRange::ground('tan'), 0.5);
                self::assertLessThan(0.01, Difference::ciede2000(Light::daylight()->lab($truth), Light::daylight()->lab($again)));
            }
        }
    }

    public function testADrawDownThatHidesIsSaidToBeTooThickAndGroundsMustBeWhiteAndBlack(): void
    {
        $pot = Mixture::of(HouseRange::paints(), ['soot-black' => 1]);
        $white = Spectrum::flat(0.82);
        $black = Spectrum::flat(0.04);
        self::assertTrue(DrawDowns::fit('mine', $pot->look($white, 3.0), $pot->look($black, 3.0), $white, $black, 3.0)->tooThick());
        $this->expectException(ColourError::class);
        DrawDowns::fit('mine', $pot->look($white, 0.1), $pot->look($black, 0.1), $white, Spectrum::flat(0.7), 0.1);
    }

    public function testAClearFilmIsFittedWithoutAFault(): void
    {
        $white = Spectrum::flat(0.82);
        $black = Spectrum::flat(0.04);
        $fit = DrawDowns::fit('varnish', Spectrum::flat(0.8), $black, $white, $black, 1.0);
        self::assertLessThan(0.5, $fit->overWhite);
    }

    public function testSeveralReadingsAreAveragedWithoutTheOneThatSlipped(): void
    {
        $set = MeasuredSet::of([Lab::of(40.0, 20.0, 20.0), Lab::of(40.3, 20.1, 19.8), Lab::of(52.0, 10.0, 14.0), Lab::of(39.9, 19.9, 20.2)]);
        self::assertSame([2], $set->apart);
        self::assertEqualsWithDelta(40.07, $set->lab->lightness, 0.01);
        self::assertLessThan(0.4, $set->spread);
        self::assertNull($set->spectrum);
        self::assertSame([], MeasuredSet::of([Lab::of(40.0, 20.0, 20.0), Lab::of(60.0, 20.0, 20.0)])->apart, 'two cannot tell which is wrong');
        $spectra = MeasuredSet::of([Spectrum::flat(0.2), Spectrum::flat(0.22), Spectrum::flat(0.24)]);
        self::assertEqualsWithDelta(0.22, $spectra->spectrum->values[7] ?? 0.0, 1e-12);
        $this->expectException(ColourError::class);
        MeasuredSet::of([Spectrum::flat(0.2), Lab::of(50.0, 0.0, 0.0)]);
    }

    public function testAMattFinishLooksPalerThanAMirrorAndTheShiftGoesBackTheSameWay(): void
    {
        $black = HouseRange::ground('black');
        $light = Light::daylight();
        $matt = Sheen::moved($black, Gloss::Mirror, Gloss::Matt);
        self::assertGreaterThan($light->lab($black)->lightness + 1.5, $light->lab($matt)->lightness);
        self::assertEqualsWithDelta($black->values, Sheen::moved($matt, Gloss::Matt, Gloss::Mirror)->values, 1e-12);
        self::assertSame($black->values, Sheen::moved($black, Gloss::Glow, Gloss::Glow)->values);
    }

    public function testWetLeatherIsDeeperAndPaleOrBlackHardlyChanges(): void
    {
        // Ångström: 0.3 dry is 0.3 / (1.77 · 0.7 + 0.3) wet.
        self::assertEqualsWithDelta(0.1949, WetLook::of(Spectrum::flat(0.3))->values[0], 1e-4);
        self::assertSame([0.0, 1.0], [WetLook::of(Spectrum::flat(0.0))->values[0], WetLook::of(Spectrum::flat(1.0))->values[0]]);
    }

    public function testTheDepthLadderGoesDeeperWithEveryCoatAndPalerWithEveryLetDown(): void
    {
        $ladder = new DyeLadder(HouseRange::ground('veg-tan-natural'), 1.0, Light::daylight());
        $depth = [];
        foreach ($ladder->of(HouseRange::dye('russet')) as [$wash, $look]) {
            $depth[$wash->thinner][$wash->coats] = Light::daylight()->lab($look)->lightness;
        }
        self::assertSame(DyeLadder::LET_DOWNS, array_keys($depth));
        foreach ($depth as $thinner => $coats) {
            self::assertGreaterThan($coats[2], $coats[1]);
            self::assertGreaterThan($coats[3], $coats[2]);
            self::assertTrue(0 === $thinner || $coats[1] > $depth[0][1]);
        }
    }

    public function testDyesThatWereThereAreFoundAgain(): void
    {
        $leather = HouseRange::ground('veg-tan-natural');
        $dyes = array_map(HouseRange::dye(...), ['tea', 'honey', 'russet', 'cherry', 'night-blue', 'peat', 'jet']);
        $target = DyedLeather::look($leather, [[HouseRange::dye('russet'), 1.0], [HouseRange::dye('peat'), 0.25]]);
        $best = (new DyeLadder($leather, 1.0, Light::daylight()))->nearest(Light::daylight()->lab($target), $dyes)[0];
        self::assertLessThan(0.1, $best->dE00);
        self::assertEqualsCanonicalizing(['russet', 'peat'], array_map(static fn ($w): string => $w->dye->id, $best->washes));
    }

    public function testWhatNoDyeCanDoIsSaid(): void
    {
        $light = Light::daylight();
        self::assertStringContainsString(
            'darker than the target',
            (string) (new DyeLadder(HouseRange::ground('black'), 1.0, $light))->never(HouseRange::ground('tan')),
        );
        $red = DyedLeather::look(HouseRange::ground('veg-tan-natural'), [[HouseRange::dye('cherry'), 0.6]]);
        $blue = DyedLeather::look(HouseRange::ground('veg-tan-natural'), [[HouseRange::dye('night-blue'), 1.5]]);
        self::assertStringContainsString('swallows', (string) (new DyeLadder($red, 1.0, $light))->never($blue));
        self::assertNull((new DyeLadder(HouseRange::ground('veg-tan-natural'), 1.0, $light))->never(HouseRange::ground('brown')));
    }

    public function testSwatchesTeachHowMuchAnApplicatorLays(): void
    {
        $leather = HouseRange::ground('veg-tan-natural');
        $dye = HouseRange::dye('russet');
        self::assertEqualsWithDelta(1.7, Uptake::of($dye, $leather, DyedLeather::look($leather, [[$dye, 1.7]])), 1e-6);
        self::assertGreaterThan(Uptake::usual(Applicator::Airbrush), Uptake::usual(Applicator::Cloth));
        self::assertGreaterThan(Uptake::usual(Applicator::Cloth), Uptake::usual(Applicator::Sponge));
        self::assertEqualsWithDelta(Uptake::usual(Applicator::Cloth), Uptake::learned(Applicator::Cloth, []), 1e-12);
        $learned = Uptake::learned(Applicator::Cloth, [1.2, 1.2, 1.2]);
        self::assertTrue($learned > 1.0 && $learned < 1.2, 'nearer to what was seen than to what was granted');
        $this->expectException(ColourError::class);
        Uptake::of($dye, $leather, Spectrum::flat(0.9));
    }

    public function testABlackThatLeansBlueIsSaidToAndAStrongPaintIsLetDownUntilItShows(): void
    {
        $white = HouseRange::paints()['chalk-white'];
        $black = Undertone::of(HouseRange::paints()['soot-black'], $white);
        self::assertSame('leans blue at the edge', $black->words);
        self::assertGreaterThan(40.0, $black->tint->lightness);
        self::assertSame('leans yellow or brown at the edge', Undertone::of(HouseRange::paints()['walnut'], $white)->words);
        self::assertSame('turns blue at the edge', Undertone::of(HouseRange::paints()['beetroot'], $white)->words);
    }

    public function testAPotIsEnoughForAllCoatsOnBothHalvesAndAFifthKeptBack(): void
    {
        // Two vamps of 2 dm², 70 ml a m², 3 coats by airbrush: 4 / 100 × 70 × 3 ÷ 0.6 + 5 = 19 ml, and 3.8 kept.
        $need = PotNeed::of(4.0, 70.0, 3, Applicator::Airbrush);
        self::assertEqualsWithDelta([19.0, 3.8], [$need->layMl, $need->keptMl], 1e-9);
        self::assertSame(507, $need->drops, '22.8 ml of 0.045, rounded up');
        self::assertFalse($need->cracks(120.0, true), '22.5 µm on 120');
        self::assertTrue($need->cracks(130.0, true));
        self::assertFalse($need->cracks(130.0, false));
        $this->expectException(ColourError::class);
        PotNeed::of(0.0, 70.0, 3, Applicator::Airbrush);
    }

    public function testADyeOfTheWrongShapeIsRefused(): void
    {
        $this->expectException(ColourError::class);
        Dye::of('x', [1.0]);
    }
}
