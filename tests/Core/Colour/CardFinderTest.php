<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\CardFinder;
use KindHeel\Core\Colour\GreyPicture;
use KindHeel\Core\Colour\WorkshopCard;
use KindHeel\Core\Quantity\CardView;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The workshop's card is found in a picture by itself, however it lies; what cannot be trusted is said. */
final class CardFinderTest extends TestCase
{
    private const W = 320;
    private const H = 240;

    /** @return iterable<string, array{list<array{float, float}>}> corners in pixels */
    public static function lying(): iterable
    {
        yield 'straight' => [[[60.0, 50.0], [200.0, 50.0], [200.0, 148.0], [60.0, 148.0]]];
        yield 'turned a little' => [[[70.0, 60.0], [200.0, 84.0], [183.0, 176.0], [53.0, 152.0]]];
        yield 'turned by half a right angle' => [[[160.0, 30.0], [240.0, 110.0], [184.0, 166.0], [104.0, 86.0]]];
        yield 'upside down' => [[[210.0, 160.0], [70.0, 160.0], [70.0, 62.0], [210.0, 62.0]]];
        yield 'seen from the side' => [[[60.0, 60.0], [210.0, 80.0], [205.0, 170.0], [70.0, 190.0]]];
        yield 'small' => [[[200.0, 150.0], [262.0, 152.0], [260.0, 196.0], [198.0, 194.0]]];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('lying')]
    public function testItIsFoundHoweverItLies(array $corners): void
    {
        foreach ([1, 2, 3] as $seed) {
            $found = CardFinder::find(self::picture($corners, new Randomizer(new Mt19937($seed))));
            foreach ($corners as [$x, $y]) {
                $nearest = min(array_map(static fn (array $c): float => hypot($c[0] * self::W - $x, $c[1] * self::H - $y), $found['corners'] ?: [[0.0, 0.0]]));
                self::assertLessThan(3.0, $nearest);
            }
            $fields = self::view($corners)->seen(WorkshopCard::middles());
            $misses = array_map(static function (array $turn) use ($fields): float {
                $off = [0.0];
                foreach ($fields as $i => [$x, $y]) {
                    $off[] = hypot($turn[$i][0] * self::W - $x, $turn[$i][1] * self::H - $y);
                }

                return max($off);
            }, $found['turns']);
            self::assertLessThan(3.0, min([\INF, ...$misses]), 'one of its turns has every field where it is');
        }
    }

    public function testWhatCannotBeTrustedIsSaid(): void
    {
        $random = static fn (): Randomizer => new Randomizer(new Mt19937(4));
        $straight = [[60.0, 50.0], [200.0, 50.0], [200.0, 148.0], [60.0, 148.0]];
        self::assertStringStartsWith('No card is found', self::said(self::picture([], $random())));
        $out = [[-40.0, 50.0], [100.0, 50.0], [100.0, 148.0], [-40.0, 148.0]];
        self::assertStringStartsWith('The card is cut off', self::said(self::picture($out, $random())));
        $shade = static fn (float $x): float => $x < 130.0 ? 0.5 : 1.0;
        self::assertStringStartsWith('One side of the card lies in shade', self::said(self::picture($straight, $random(), $shade)));
        self::assertStringStartsWith('The card in this picture is not flat', self::said(self::picture($straight, $random(), bent: 22.0)));
    }

    public function testTwelveFieldsLieInsideTheirMargin(): void
    {
        $middles = WorkshopCard::middles();
        self::assertCount(12, $middles);
        self::assertCount(12, WorkshopCard::printed());
        $edge = WorkshopCard::FRAME_MM + WorkshopCard::MARGIN_MM;
        foreach ($middles as [$x, $y]) {
            self::assertTrue($x > $edge + 5.0 && $x < WorkshopCard::WIDTH_MM - $edge - 5.0 && $y > $edge + 5.0 && $y < WorkshopCard::HEIGHT_MM - $edge - 5.0);
        }
        self::assertEqualsWithDelta(97.0, WorkshopCard::printed()[0]->lightness, 2.0);
        self::assertLessThan(20.0, WorkshopCard::printed()[11]->lightness);
    }

    private static function said(GreyPicture $picture): string
    {
        try {
            CardFinder::find($picture);
        } catch (FieldError $error) {
            return $error->getMessage();
        }

        return 'found';
    }

    /** @param list<array{float, float}> $corners */
    private static function view(array $corners): CardView
    {
        return CardView::of($corners, [WorkshopCard::WIDTH_MM, WorkshopCard::HEIGHT_MM], [(float) self::W, (float) self::H]);
    }

    /**
     * A bench of wood with a shoe on it and a card, in uneven light and with noise.
     *
     * @param list<array{float, float}>     $corners none for no card
     * @param (\Closure(float): float)|null $light   by x
     * @param float                         $bent    pixels by which the middle of the card is raised
     */
    private static function picture(array $corners, Randomizer $random, ?\Closure $light = null, float $bent = 0.0): GreyPicture
    {
        $view = [] === $corners ? null : self::view($corners);
        $fields = WorkshopCard::middles();
        $bytes = '';
        // Backwards from the card, a little finer than the pixels.
        $card = [];
        $paper = WorkshopCard::PAPER_MM;
        for ($u = -$paper; null !== $view && $u <= WorkshopCard::WIDTH_MM + $paper; $u += 0.25) {
            for ($v = -$paper; $v <= WorkshopCard::HEIGHT_MM + $paper; $v += 0.25) {
                [[$x, $y]] = $view->seen([[$u, $v]]);
                $y -= $bent * sin(\M_PI * $u / WorkshopCard::WIDTH_MM);
                $in = min($u, $v, WorkshopCard::WIDTH_MM - $u, WorkshopCard::HEIGHT_MM - $v);
                $inFrame = $in >= 0.0 && $in < WorkshopCard::FRAME_MM;
                $grey = $inFrame ? 25 : 235;
                foreach ($inFrame ? [] : $fields as $i => [$fu, $fv]) {
                    if (abs($fu - $u) < 9.0 && abs($fv - $v) < 7.5) {
                        $grey = 40 + 16 * $i;
                    }
                }
                $card[(int) round($y) * self::W + (int) round($x)] = (int) round($x) >= 0 && (int) round($x) < self::W ? $grey : null;
            }
        }
        for ($y = 0; $y < self::H; ++$y) {
            for ($x = 0; $x < self::W; ++$x) {
                $shoe = (($x - 250) / 60) ** 2 + (($y - 60) / 40) ** 2 < 1.0 ? 60.0 : 150.0 + 12.0 * sin($y / 3.0);
                $grey = ($card[$y * self::W + $x] ?? $shoe) * (0.85 + 0.15 * $x / self::W) * (null === $light ? 1.0 : $light((float) $x));
                $bytes .= \chr((int) max(0, min(255, $grey + $random->getInt(-5, 5))));
            }
        }

        return GreyPicture::of(self::W, self::H, $bytes);
    }
}
