<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\PaintEvidence;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What earlier dabs showed calms what a recipe promises. */
final class PaintEvidenceTest extends TestCase
{
    private const NAMES = ['straw', 'brick', 'soot-black', 'chalk-white', 'walnut'];

    public function testPotsOfStrongBatchesTeachWhatTheNextOneWillBe(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $off = ['shelf' => 0.0, 'learned' => 0.0];
        foreach (range(1, 6) as $_) {
            $really = [];
            foreach (self::NAMES as $name) {
                $really[$name] = self::stronger(HouseRange::paints()[$name], 1.0 + $random->getInt(-15, 25) / 100.0);
            }
            $dabs = array_map(static fn (): Dab => self::dab($really, self::drops($random)), range(1, 8));
            $evidence = PaintEvidence::of($dabs, HouseRange::paints());
            foreach (range(1, 10) as $_) {
                $drops = self::drops($random);
                $is = self::lab($really, $drops);
                $off['shelf'] += Difference::ciede2000($is, self::lab(HouseRange::paints(), $drops));
                $off['learned'] += Difference::ciede2000($is, self::lab(array_map($evidence->applied(...), HouseRange::paints()), $drops));
            }
        }
        self::assertLessThan(0.7 * $off['shelf'], $off['learned']);
    }

    public function testOnePotMovesAPaintByAThirdAndNoPotByMoreThanAQuarter(): void
    {
        $paints = HouseRange::paints();
        $one = PaintEvidence::of([self::dab(['brick' => self::stronger($paints['brick'], 1.2)], ['brick' => 20])], $paints);
        self::assertEqualsWithDelta(exp(log(1.2) / 3.0), $one->ratios()['brick'][15], 1e-3);
        $many = PaintEvidence::of(array_fill(0, 40, self::dab(['brick' => self::stronger($paints['brick'], 3.0)], ['brick' => 20])), $paints);
        self::assertEqualsWithDelta(exp(0.25), max([0.0, ...$many->ratios()['brick']]), 1e-9);
        self::assertSame($paints['straw'], $one->applied($paints['straw']), 'nothing was shown of it');
        self::assertEquals($one->applied($paints['brick']), PaintEvidence::known($one->ratios())->applied($paints['brick']));
    }

    public function testWhatAnEyeSaidAndPaintsThatAreGoneTeachNothing(): void
    {
        $paints = HouseRange::paints();
        $film = Mixture::of($paints, ['brick' => 20])->look();
        $eye = new Dab(['brick' => 20], Dab::onPaper($film), EyeDab::of(Lab::of(40.0, 20.0, 20.0), ['lighter' => 4]));
        $gone = new Dab(['brick' => 20, 'of-yesterday' => 2], Dab::onPaper($film));
        self::assertSame([], PaintEvidence::of([$eye, $gone], $paints)->ratios());
        self::assertSame([], PaintEvidence::known(['brick' => [1.0, 1.1]])->ratios(), 'what has another grid is not taken');
    }

    private static function stronger(Paint $paint, float $by): Paint
    {
        return Paint::of($paint->id, array_map(static fn (float $k): float => $k * $by, $paint->absorption), $paint->scattering);
    }

    /**
     * @param array<string, Paint> $really
     * @param array<string, int>   $drops
     */
    private static function dab(array $really, array $drops): Dab
    {
        return new Dab($drops, Dab::onPaper(Mixture::of($really, $drops)->look()));
    }

    /**
     * @param array<string, Paint> $paints
     * @param array<string, int>   $drops
     */
    private static function lab(array $paints, array $drops): Lab
    {
        return Light::daylight()->lab(Mixture::of($paints, $drops)->look());
    }

    /** @return array<string, int> */
    private static function drops(Randomizer $random): array
    {
        $drops = [];
        foreach (\array_slice($random->shuffleArray(self::NAMES), 0, 3) as $name) {
            $drops[(string) $name] = $random->getInt(2, 30);
        }

        return $drops;
    }
}
