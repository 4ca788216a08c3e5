<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\ColourName;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Recipe\LightWords;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Treatment\Action;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Colours as they are called at the bench. */
final class ColourWordsTest extends TestCase
{
    #[TestWith([90.0, 0.0, 2.0, 'white'])]
    #[TestWith([85.0, 0.0, 2.0, 'grey'])]
    #[TestWith([25.0, 1.0, 1.0, 'grey'])]
    #[TestWith([20.0, 1.0, 1.0, 'black'])]
    #[TestWith([50.0, 5.99, 0.0, 'grey'])]
    #[TestWith([50.0, 6.0, 0.0, 'red'])]
    #[TestWith([40.0, 50.0, 30.0, 'orange'])]
    #[TestWith([40.0, 22.0, 26.0, 'brown'])]
    #[TestWith([60.0, 22.0, 26.0, 'orange'])]
    #[TestWith([80.0, 2.0, 60.0, 'yellow'])]
    #[TestWith([50.0, -40.0, 20.0, 'green'])]
    #[TestWith([40.0, -10.0, -40.0, 'blue'])]
    #[TestWith([40.0, 30.0, -35.0, 'violet'])]
    #[TestWith([40.0, 40.0, -10.0, 'red'])]
    public function testAColourHasAPlainName(float $l, float $a, float $b, string $name): void
    {
        self::assertSame($name, ColourName::of(Lab::of($l, $a, $b)));
    }

    public function testNoShadeByItselfIsReadAsSomethingToBeDone(): void
    {
        $acts = array_map(static fn (Action $a): string => str_replace('-', ' ', $a->value), Action::cases());
        foreach (Shade::cases() as $shade) {
            self::assertNotContains($shade->label(), $acts);
            self::assertSame($shade, Shade::named($shade->label()), 'and it is known by what it is called');
        }
    }

    public function testThePaintThatIsMissingIsSaidByWhatItWouldHaveToBe(): void
    {
        $nearest = Lab::of(50.0, 20.0, 20.0);
        self::assertSame('cleaner orange', ColourName::wanted(Lab::of(50.0, 40.0, 40.0), $nearest));
        self::assertSame('lighter orange', ColourName::wanted(Lab::of(60.0, 20.0, 20.0), $nearest));
        self::assertSame('deeper brown', ColourName::wanted(Lab::of(40.0, 20.0, 20.0), $nearest));
    }

    public function testAMatchIsSaidUnderTheLightWhereItGoesWrong(): void
    {
        $flat = Spectrum::grid(array_fill(0, 31, 0.3));
        self::assertSame('Matches under every light.', LightWords::of(self::under($flat), $flat));
        $worse = LightWords::of(self::under($flat), Spectrum::grid(array_fill(0, 31, 0.5)));
        self::assertMatchesRegularExpression('/^Worst under the .+: .*lighter.*\.$/', $worse);
    }

    /** Alike by day and not under the lamp: what one lacks in the short waves, it makes up for in a narrow band. */
    public function testAPairThatPartsUnderTheLampIsSaidToMatchByDay(): void
    {
        $target = Spectrum::grid(array_fill(0, 31, 0.3));
        $found = null;
        // Bends that leave the daylight colour alone are sought among a few smooth ones.
        foreach ([0.02, 0.04, 0.06, 0.08] as $depth) {
            foreach (range(0, 30) as $at) {
                $bent = Spectrum::grid(array_map(
                    static fn (int $i): float => 0.3 + $depth * (cos(($i - $at) / 2.2) * exp(-(($i - $at) / 6.0) ** 2)),
                    range(0, 30),
                ));
                $words = LightWords::of(self::under($target), $bent);
                if (str_starts_with($words, 'Matches by day; ')) {
                    $found = $words;
                }
            }
        }
        self::assertNotNull($found, 'there is such a pair');
        self::assertMatchesRegularExpression('/^Matches by day; .+ under the (lamp light|shop tube|broad-band tube|bench lamp)\.$/', $found);
    }

    public function testEveryLightHasANameOfItsOwn(): void
    {
        $names = array_map(static fn (Illuminant $i): string => $i->label(), Illuminant::cases());
        self::assertSame($names, array_values(array_unique($names)));
        self::assertSame('daylight', Illuminant::D65->label());
    }

    private static function under(Spectrum $target): Target
    {
        return Target::spectrum($target, ['D65' => 0.6, 'A' => 0.2, 'F10' => 0.2]);
    }
}
