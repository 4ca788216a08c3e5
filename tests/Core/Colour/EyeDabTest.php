<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Advice;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\Off;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotAdvisor;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\FieldError;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A workshop without an instrument: an eye says in words how a dab is off. */
final class EyeDabTest extends TestCase
{
    private const TARGETS = 20;
    private const DABS = 4;

    public function testEachStepIsAsFarAsItIsDrawn(): void
    {
        $aim = Lab::of(40.0, 20.0, 22.0);
        foreach (Off::cases() as $off) {
            foreach (EyeDab::STEPS as $step => $dE00) {
                self::assertEqualsWithDelta($dE00, Difference::ciede2000($aim, EyeDab::of($aim, [$off->value => $step])->lab($aim)), 1e-3, $off->value);
            }
        }
        $said = EyeDab::of($aim, ['redder' => 1, 'lighter' => 3, 'bluer' => 0]);
        self::assertSame('lighter by 3 steps and redder by 1 step', $said->words());
        self::assertGreaterThan($aim->lightness, $said->lab($aim)->lightness);
        self::assertGreaterThan($aim->a, $said->lab($aim)->a);
        self::assertEquals($aim, EyeDab::of($aim, [])->lab($aim), 'what is not seen is not there');
    }

    /** @param array<string, int> $words */
    #[TestWith([['lighter' => 1, 'deeper' => 1], 'at once'])]
    #[TestWith([['pinker' => 1], 'pinker'])]
    #[TestWith([['redder' => 6], 'five steps'])]
    #[TestWith([['redder' => -1], 'five steps'])]
    #[TestWith([['dirtier' => 2], 'A grey'])]
    public function testWhatCannotBeSaidOfIt(array $words, string $why): void
    {
        $this->expectException(FieldError::class);
        $this->expectExceptionMessage($why);
        EyeDab::of(Lab::of(50.0, 1.0, 1.0), $words);
    }

    public function testTheMoreIsSeenTheLessIsSure(): void
    {
        $aim = Lab::of(40.0, 20.0, 22.0);
        $doubts = array_map(static fn (int $n): float => EyeDab::of($aim, ['lighter' => $n])->doubt(), [0, 1, 3, 5]);
        $sorted = $doubts;
        sort($sorted);
        self::assertSame($sorted, $doubts);
        self::assertEqualsWithDelta(0.7, $doubts[0], 1e-9);
        self::assertEqualsWithDelta(hypot(0.7, 0.9), $doubts[2], 1e-9);
    }

    public function testTheFilmHasTheColourOfTheWordsAndTheShapeOfItsPaints(): void
    {
        $predicted = Mixture::of(HouseRange::paints(), ['straw' => 20, 'brick' => 6])->look();
        $light = Light::daylight();
        $aim = $light->lab($predicted);
        foreach ([[], ['deeper' => 3], ['redder' => 2, 'lighter' => 2], ['cleaner' => 4]] as $words) {
            $eye = EyeDab::of($aim, $words);
            self::assertLessThan(0.1, Difference::ciede2000($eye->lab($aim), $light->lab($eye->spectrum($aim, $predicted))), $eye->words());
        }
    }

    public function testADabThatNoEyeTellsApartMayBeLaid(): void
    {
        $film = Mixture::of(HouseRange::paints(), ['straw' => 20, 'brick' => 6])->look();
        $aim = PotAim::of($film, Gloss::Mirror);
        $read = static fn (EyeDab $eye): Dab => new Dab(['straw' => 20, 'brick' => 6], Dab::onPaper($eye->spectrum($aim->lab(), $film)), $eye);
        $same = $read(EyeDab::of($aim->lab(), []));
        self::assertTrue($same->isNear($aim));
        self::assertSame('By eye no difference to be seen. It may still be off by 0.7.', $same->verdict($aim));
        $off = $read(EyeDab::of($aim->lab(), ['yellower' => 1]));
        self::assertFalse($off->isNear($aim));
        self::assertSame('By eye: yellower by 1 step. It may be off from that by 0.7.', $off->verdict($aim));
    }

    /** Batches are stronger or weaker than the shelf says, the dropper is uneven, and an eye sees no less than the first step and is a third off. */
    public function testEyesAloneComeWithinOneAndAHalfInFourDabs(): void
    {
        $dabs = $ends = [];
        for ($seed = 1; $seed <= self::TARGETS; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            [$dabs[], $ends[]] = $this->mixedByEye($random, $this->target($random));
        }
        self::assertLessThanOrEqual(self::DABS, max($dabs));
        self::assertLessThanOrEqual(1.5, max($ends), implode(' ', array_map(static fn (float $e): string => \sprintf('%.2f', $e), $ends)));
        self::assertGreaterThan(1.5, array_sum($dabs) / \count($dabs), 'the first try is not right by itself');
    }

    private function target(Randomizer $random): PotAim
    {
        $drops = [];
        foreach (\array_slice($random->shuffleArray(array_keys(array_diff_key(HouseRange::paints(), [Paint::CLEAR_BINDER => 1]))), 0, 3) as $paint) {
            $drops[(string) $paint] = $random->getInt(1, 12);
        }
        $light = Light::daylight();

        // Known by its colour alone, as a swatch or a picture gives it.
        return PotAim::of(SmoothestReflectance::of($light->lab(Mixture::of(HouseRange::paints(), $drops)->look()), $light), Gloss::Mirror);
    }

    /** @return array{int, float} dabs made, and how far off the last one really is */
    private function mixedByEye(Randomizer $random, PotAim $aim): array
    {
        $paints = HouseRange::paints();
        $palette = new Palette([Paint::CLEAR_BINDER => Paint::clearBinder()] + $paints, [], array_map(static fn (): float => 500.0, $paints));
        $batch = array_map(static fn (): float => exp(0.15 * self::normal($random)), $paints);
        $pot = new Pot(PotNeed::of(0.8, 70.0, 3, Applicator::Sponge));
        $advisor = static fn (Pot $pot): PotAdvisor => new PotAdvisor($pot, $aim, $palette, 0.045, static fn (): bool => true);
        foreach ($advisor($pot)->recipes()[0]->drops as $paint => $count) {
            $pot = $pot->drop($paint, $count);
        }
        for ($dab = 1;; ++$dab) {
            $really = Mixture::of($paints, array_combine(array_keys($pot->drops), array_map(
                static fn (string $id, int $n): float => $n * $batch[$id],
                array_keys($pot->drops),
                $pot->drops,
            )))->look();
            $is = Light::daylight()->lab($really);
            $eye = EyeDab::of($aim->lab(), self::seen($aim->lab(), $is, $random));
            $pot = $pot->dabbed(Dab::onPaper($eye->spectrum($aim->lab(), $pot->look($palette) ?? $really)), $eye);
            $found = $eye->isSeen() && $dab < self::DABS ? $advisor($pot)->correct() : null;
            if (null === $found || Advice::Add !== $found->advice && [] === $found->additions) {
                return [$dab, Difference::ciede2000($aim->lab(), $is)];
            }
            foreach ($found->additions as $paint => $count) {
                $pot = $pot->drop($paint, $count);
            }
        }
    }

    /**
     * The words that come nearest to what an eye sees that is a little off itself.
     *
     * @return array<string, int>
     */
    private static function seen(Lab $aim, Lab $is, Randomizer $random): array
    {
        $off = Difference::ciede2000($aim, $is);
        if ($off < 0.7) {
            return [];
        }
        $wrong = static fn (): float => 1.0 + 0.2 * self::normal($random);
        $looks = Lab::computed(
            $aim->lightness + ($is->lightness - $aim->lightness) * $wrong(),
            $aim->a + ($is->a - $aim->a) * $wrong(),
            $aim->b + ($is->b - $aim->b) * $wrong(),
        );
        $moves = [];
        foreach (Off::cases() as $word) {
            foreach (array_keys(EyeDab::STEPS) as $step) {
                if ($aim->chroma() >= 4.0 || !\in_array($word, [Off::Cleaner, Off::Dirtier], true)) {
                    $to = EyeDab::of($aim, [$word->value => $step])->lab($aim);
                    $moves[] = [$word, $step, $to->lightness - $aim->lightness, $to->a - $aim->a, $to->b - $aim->b];
                }
            }
        }
        $best = [];
        $least = \INF;
        foreach ($moves as $i => $one) {
            foreach ([null, ...\array_slice($moves, $i + 1)] as $other) {
                if (null !== $other && ($one[0] === $other[0] || $one[0] === $other[0]->opposite())) {
                    continue;
                }
                [$dl, $da, $db] = null === $other ? [0.0, 0.0, 0.0] : [$other[2], $other[3], $other[4]];
                $at = Lab::computed($aim->lightness + $one[2] + $dl, $aim->a + $one[3] + $da, $aim->b + $one[4] + $db);
                $missed = Difference::ciede2000($looks, $at);
                if ($missed < $least) {
                    $least = $missed;
                    $best = [$one[0]->value => $one[1]] + (null === $other ? [] : [$other[0]->value => $other[1]]);
                }
            }
        }

        return $best;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2.0 * log(max(1e-9, $random->getInt(0, 1_000_000) / 1e6))) * cos(2.0 * \M_PI * $random->getInt(0, 1_000_000) / 1e6);
    }
}
