<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Advice;
use KindHeel\Core\Colour\Pot\CountBy;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Portion;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotAdvisor;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\NotNow;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** From a spot to a litre: what is counted, what fits, what is left. */
final class LargePotTest extends TestCase
{
    #[TestWith([9, null, '9 drops'])]
    #[TestWith([1, 1.1, '1 drop'])]
    #[TestWith([14, null, '14 drops'])]
    #[TestWith([60, 1.1, '60 drops'])]
    #[TestWith([61, null, '2 ml, then 17 drops'])]
    #[TestWith([112, null, '5 ml, then 1 drop'])]
    #[TestWith([1347, null, '60 ml, then 14 drops'])]
    #[TestWith([1333, 1.1, '66.0 g'])]
    #[TestWith([1334, 1.1, '60 ml, then 1 drop'])]
    #[TestWith([20000, 1.08, '900 ml'])]
    #[TestWith([20020, 1.08, '973.0 g'])]
    #[TestWith([250, 1.4, '11 ml, then 6 drops'])]
    public function testTheFewestToCountIsCounted(int $drops, ?float $density, string $words): void
    {
        self::assertSame($words, Portion::of($drops, 0.045, $density)->words());
    }

    public function testWhateverIsCountedIsTheAmountWithinHalfInAHundred(): void
    {
        foreach ([0.03, 0.045, 0.062] as $ml) {
            foreach ([null, 0.9, 1.35] as $density) {
                for ($drops = 1; $drops < 30_000; $drops += 1 + intdiv($drops, 9)) {
                    $portion = Portion::of($drops, $ml, $density);
                    $counted = Portion::drops($portion->by, $portion->amount, $ml, $density) + $portion->drops;
                    self::assertEqualsWithDelta($drops, $counted, CountBy::Grams === $portion->by ? 0.006 * $drops : 0.01, $portion->words());
                    self::assertLessThan(100, $portion->drops, 'nobody counts a hundred drops');
                }
            }
        }
    }

    public function testALitreIsFoundAsManyEqualPots(): void
    {
        $pot = new Pot(PotNeed::of(1200.0, 70.0, 1, Applicator::Sponge));
        self::assertGreaterThan(20_000, $pot->need->drops);
        $aim = self::of(['straw' => 30, 'brick' => 7, 'soot-black' => 1]);
        $recipes = self::advisor($pot, $aim)->recipes();
        $best = $recipes[0];
        self::assertSame($best->total, array_sum($best->drops));
        self::assertGreaterThanOrEqual($pot->need->drops, $best->total);
        self::assertLessThan(1.25 * $pot->need->drops, $best->total);
        self::assertLessThan(1.0, $best->weighted);
        self::assertSame($pot->parts(), array_reduce($best->drops, static fn (int $gcd, int $n): int => self::gcd($gcd, $n), $pot->parts()), 'each a multiple');
        self::assertLessThan(1e-9, Difference::ciede2000(
            Light::daylight()->lab($best->spectrum),
            Light::daylight()->lab(Mixture::of(HouseRange::paints(), $best->drops)->look()),
        ));
    }

    public function testALargePotIsCorrectedAsASmallOneIs(): void
    {
        $pot = new Pot(PotNeed::of(1200.0, 70.0, 1, Applicator::Sponge), ['straw' => 20_000, 'brick' => 2_000]);
        $aim = self::of(['straw' => 20, 'brick' => 4]);
        $found = self::advisor($pot->dabbed(Dab::onPaper(self::film($pot->drops))), $aim)->correct();
        self::assertSame(Advice::Add, $found->advice);
        self::assertSame(['brick'], array_keys($found->additions));
        self::assertEqualsWithDelta(2_000, $found->additions['brick'], 250.0);
    }

    public function testNearTheLimitACorrectionComesBeforeANewPot(): void
    {
        // Hardly any room: it can be turned a little, not wholly.
        $aim = self::of(['straw' => 30, 'brick' => 6]);
        $full = new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge), ['straw' => 66, 'brick' => 10], room: 77);
        $found = self::advisor($full->dabbed(Dab::onPaper(self::film($full->drops))), $aim)->correct();
        self::assertNotSame(Advice::StartAgain, $found->advice, $found->sentence);
        self::assertLessThan(2.0, $found->after->weighted);

        $far = new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge), ['straw' => 50, 'brick' => 30], room: 77);
        $found = self::advisor($far->dabbed(Dab::onPaper(self::film($far->drops))), $aim)->correct();
        self::assertSame(Advice::StartAgain, $found->advice);
        self::assertMatchesRegularExpression(
            '/^It would need \d+\.\d ml more, and the pot has room for 0\.0\. Start again with .+: that comes to \d\.\d, this pot to \d+\.\d\.$/',
            $found->sentence,
        );
        self::assertNotNull($found->restart);
        self::assertGreaterThan(1.5, $found->after->weighted - $found->restart->weighted);
    }

    public function testBetweenOneAndTwoNoPotIsStartedAnewHoweverLittleWouldBeThrownAway(): void
    {
        $aim = self::of(['straw' => 60, 'brick' => 12]);
        $tried = 0;
        for ($brick = 13; $brick < 20; ++$brick) {
            // Full, and a small part of what the job takes.
            $pot = new Pot(PotNeed::of(10.0, 70.0, 2, Applicator::Sponge), ['straw' => 60, 'brick' => $brick], room: 60 + $brick);
            $off = Difference::ciede2000($aim->lab(), Light::daylight()->lab(self::film($pot->drops)));
            $found = self::advisor($pot->dabbed(Dab::onPaper(self::film($pot->drops))), $aim)->correct();
            if ($found->after->weighted > 1.05 && $found->after->weighted < 1.95) {
                ++$tried;
                self::assertSame(Advice::AsNearAsItComes, $found->advice, \sprintf('%d: %.2f', $brick, $off));
                self::assertStringStartsWith('Leave it: it is off by', $found->sentence);
            }
        }
        self::assertGreaterThan(0, $tried);
    }

    public function testADropThatBringsNothingIsNotAdded(): void
    {
        $aim = self::of(['straw' => 60, 'brick' => 12]);
        $pot = new Pot(PotNeed::of(10.0, 70.0, 2, Applicator::Sponge), ['straw' => 600, 'brick' => 150], room: 755);
        $found = self::advisor($pot->dabbed(Dab::onPaper(self::film($pot->drops))), $aim)->correct();
        self::assertSame([], $found->additions, $found->sentence);
        self::assertStringNotContainsString('add ', $found->sentence);
    }

    public function testWhatIsLaidAndKeptIsNoMoreThanWasMixed(): void
    {
        $pot = (new Pot(PotNeed::of(2.0, 70.0, 2, Applicator::Sponge)))->drop('straw', 100);
        self::assertEqualsWithDelta(4.5, $pot->leftMl(), 1e-9);
        $once = $pot->laid(2.0);
        self::assertEqualsWithDelta(2.5, $once->leftMl(), 1e-9);
        self::assertTrue($once->kept(2.5)->closed);
        foreach ([static fn (): Pot => $once->laid(9.0), static fn (): Pot => $once->kept(20.0)] as $tooMuch) {
            try {
                $tooMuch();
                self::fail('More came out than went in.');
            } catch (NotNow $error) {
                self::assertStringContainsString('2.5 ml are left in the pot', $error->getMessage());
            }
        }
    }

    public function testWhatIsDroppedIntoARestMeetsWhatIsLeftOfIt(): void
    {
        $pot = (new Pot(PotNeed::of(2.0, 70.0, 2, Applicator::Sponge)))->follow(['straw' => 80, 'brick' => 20])
            ->drop('straw', 80)->drop('brick', 20)->laid(2.25);
        $more = $pot->drop('brick', 10);
        self::assertSame(['straw' => 40, 'brick' => 20], $more->drops, 'half of it was left');
        self::assertEqualsWithDelta(60 * 0.045, $more->leftMl(), 1e-9);
        self::assertSame(['brick' => 10], $more->loose);
        self::assertSame([], $more->due(), 'its recipe is not wanted once more');
    }

    public function testAJarHasASize(): void
    {
        $pot = (new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge)))->drop('straw', 60);
        self::assertSame(222, $pot->inJarOf(10.0)->capacity());
        foreach ([2.0, 0.0, 100_000.0] as $ml) {
            try {
                $pot->inJarOf($ml);
                self::fail("$ml ml");
            } catch (NotNow $error) {
                self::assertNotSame('', $error->getMessage());
            }
        }
    }

    public function testARecipeIsMadeLargerOrHalvedAndWhatIsInThePotStaysInIt(): void
    {
        $pot = (new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge)))->follow(['straw' => 30, 'brick' => 6])->drop('straw', 30);
        $double = $pot->forAmount(72 * 0.045);
        self::assertSame([['straw' => 60, 'brick' => 12], ['straw' => 30, 'brick' => 12]], [$double->recipe, $double->due()]);
        self::assertGreaterThanOrEqual(72, $double->capacity());
        self::assertSame(['straw' => 15, 'brick' => 3], (new Pot($pot->need, [], $pot->recipe))->forAmount(18 * 0.045)->recipe);
        $this->expectExceptionMessage('1.7 ml is the least');
        $pot->forAmount(0.8);
    }

    public function testOnePotIsPouredIntoAnother(): void
    {
        $into = (new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge)))->drop('straw', 20);
        $from = (new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge, 0.09)))->drop('brick', 10)->drop('straw', 4);
        self::assertSame(['straw' => 28, 'brick' => 20], $into->pouredIn($from)->drops, 'its drops were twice as large');
        self::assertSame(['straw' => 24, 'brick' => 10], $into->pouredIn($from, 0.5)->drops);
        self::assertEqualsWithDelta(0.63, $from->pouredOut(0.5)->leftMl(), 1e-9);
        $this->expectExceptionMessage('nothing in that pot to pour');
        $into->pouredIn(new Pot($from->need));
    }

    public function testAPlanThatAsksForMoreThanThePotComesToIsSaid(): void
    {
        $need = PotNeed::planned(10.0, 3, Applicator::Airbrush);
        self::assertSame([15.0, 3.0, 400, 5.0], [$need->layMl, $need->keptMl, $need->drops, $need->coatMl()]);
        self::assertNull((new Pot($need))->shortMl(), 'nothing has been chosen yet');
        self::assertEqualsWithDelta(15.0 - 100 * 0.045, (float) (new Pot($need, recipe: ['straw' => 100]))->shortMl(), 1e-9);
        self::assertNull((new Pot($need, recipe: ['straw' => 340]))->shortMl());
        self::assertNull((new Pot($need, ['straw' => 400], laidMl: 5.0))->shortMl(), 'what has been laid was for those coats');
        self::assertEqualsWithDelta(2.0, (float) (new Pot($need, ['straw' => 400], laidMl: 8.0))->shortMl(12.0), 1e-9, 'more was laid than was reckoned with');
        self::assertNull((new Pot($need, ['straw' => 400], laidMl: 8.0))->shortMl(10.0));
    }

    /** @param array<string, int> $drops */
    private static function film(array $drops): \KindHeel\Core\Colour\Spectrum
    {
        return Mixture::of(HouseRange::paints(), $drops)->look();
    }

    /** @param array<string, int> $drops */
    private static function of(array $drops): PotAim
    {
        return PotAim::of(self::film($drops), Gloss::Mirror);
    }

    private static function advisor(Pot $pot, PotAim $aim): PotAdvisor
    {
        $paints = HouseRange::paints();
        $palette = new Palette([Paint::CLEAR_BINDER => Paint::clearBinder()] + $paints, [], array_map(static fn (): float => 5000.0, $paints));

        return new PotAdvisor($pot, $aim, $palette, 0.045, static fn (): bool => true);
    }

    private static function gcd(int $a, int $b): int
    {
        return 0 === $b ? $a : self::gcd($b, $a % $b);
    }
}
