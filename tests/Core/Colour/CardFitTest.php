<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\CardFit;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;

/** Pictures that a camera took its own way: channels that leak into each other, under a warm light. */
final class CardFitTest extends TestCase
{
    private const CARD = ['chalk-white', 'parchment', 'straw', 'marigold', 'poppy', 'brick', 'plum', 'harbour-blue', 'moss', 'chestnut', 'slate', 'soot-black'];

    public function testTheWorkshopsCardUndoesACameraAndItsLight(): void
    {
        $fit = CardFit::of(array_map(fn (string $id): array => [$this->photographed($this->known($id)), $this->known($id)], self::CARD));
        foreach ([[46.0, 24.0, 36.0], [34.0, 20.0, 21.0], [70.0, 12.0, 30.0], [26.0, -14.0, 6.0]] as [$l, $a, $b]) {
            $leather = Lab::of($l, $a, $b);
            $raw = CardFit::of([[[0.5, 0.5, 0.5], Lab::of(53.39, 0.0, 0.0)]])->lab($this->photographed($leather));
            $found = Difference::ciede2000($leather, $fit->lab($this->photographed($leather)));
            self::assertLessThan($fit->doubt, $found, 'as honest as it says');
            self::assertLessThan(Difference::ciede2000($leather, $raw), $found, 'better than without the card');
        }
        self::assertLessThan(4.0, $fit->doubt);
    }

    public function testAGreyGivesTheWhiteBalanceAndOwnsUpToWhatItLeavesOpen(): void
    {
        $grey = Lab::of(50.0, 0.0, 0.0);
        $fit = CardFit::of([[$this->photographed($grey), $grey]]);
        self::assertLessThan(0.2, Difference::ciede2000($grey, $fit->lab($this->photographed($grey))));
        self::assertGreaterThan(5.0, $fit->doubt);
    }

    public function testAStrongCastIsSaidAndCostsCertainty(): void
    {
        $grey = Lab::of(50.0, 0.0, 0.0);
        $day = CardFit::of([[[0.5, 0.5, 0.5], $grey]]);
        $lamp = CardFit::of([[[0.6, 0.45, 0.22], $grey]]);
        self::assertSame([false, true], [$day->hasCast(), $lamp->hasCast()]);
        self::assertEqualsWithDelta(1.0, $day->cast, 1e-3);
        self::assertGreaterThan(1.3 * $day->doubt, $lamp->doubt);
    }

    public function testAPictureWithoutACardBurntOutOrTappedBesideItIsRefused(): void
    {
        $wild = [];
        foreach (self::CARD as $i => $id) {
            $wild[] = [$this->photographed($this->known(self::CARD[($i * 5 + 7) % 12])), $this->known($id)];
        }
        foreach ([[], [[[0.99, 0.99, 0.99], Lab::of(95.0, 0.0, 0.0)]], [[[0.0, 0.0, 0.0], Lab::of(50.0, 0.0, 0.0)]], $wild] as $patches) {
            try {
                CardFit::of($patches);
                self::fail('it must be refused');
            } catch (ColourError $error) {
                self::assertMatchesRegularExpression('/\.$/', $error->getMessage());
            }
        }
    }

    private function known(string $id): Lab
    {
        return Light::daylight()->lab(Mixture::of(HouseRange::paints(), [$id => 1])->look());
    }

    /** @return list<float> encoded, as a warm-lit camera with leaking channels would keep it */
    private function photographed(Lab $lab): array
    {
        [$r, $g, $b] = Light::daylight()->srgb($lab)->linear;
        $leaked = [0.86 * $r + 0.10 * $g + 0.01 * $b, 0.08 * $r + 0.80 * $g + 0.06 * $b, 0.02 * $r + 0.12 * $g + 0.52 * $b];

        return array_map(static function (float $v): float {
            $v = max(0.0, min(1.0, $v));

            return $v <= 0.0031308 ? 12.92 * $v : 1.055 * $v ** (1.0 / 2.4) - 0.055;
        }, $leaked);
    }
}
