<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Settling\Settling;
use KindHeel\Core\Colour\Settling\SettlingAdvice;
use KindHeel\Core\Colour\Settling\SettlingHabit;
use KindHeel\Core\Product\FamilyId;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What darkens comes back, partly (T-8, W-10). */
final class SettlingTest extends TestCase
{
    private Lab $before;

    protected function setUp(): void
    {
        $this->before = Lab::of(45.0, 16.0, 26.0);
    }

    /** @return iterable<string, array{FamilyId, float, float, float}> */
    public static function ways(): iterable
    {
        yield 'light cream, as usual' => [FamilyId::ConditionerLight, 10.0, 0.1, 1.7];
        yield 'conditioner that stays more than usual' => [FamilyId::Conditioner, 8.0, 0.5, 1.5];
        yield 'oil' => [FamilyId::Oil, 12.0, 0.75, 5.0];
        yield 'oil that comes back after all' => [FamilyId::Oil, 12.0, 0.3, 4.0];
        yield 'resin on a blue' => [FamilyId::Resin, 6.0, 0.9, 0.8];
    }

    #[DataProvider('ways')]
    public function testTwoDaysOfReadingsTellWhatStays(FamilyId $family, float $wet, float $stays, float $tau): void
    {
        $days = FamilyId::Oil === $family ? [0.1, 2.0, 24.0, 48.0] : [0.1, 2.0, 24.0];
        $looks = array_map(fn (float $hours): array => [$hours, $this->really($wet, $stays, $tau, $hours)], $days);
        $found = Settling::of($this->before, $looks, SettlingHabit::usual($family));
        self::assertEqualsWithDelta($stays, $found->stays, 0.08);
        self::assertEqualsWithDelta($wet, $found->change, 1.0);
        self::assertLessThan(0.6, Difference::ciede2000($this->really($wet, $stays, $tau, 24.0), $found->at(24.0)));
        self::assertTrue($found->isJudged());
        self::assertStringEndsWith('and stays so.', $found->sentence());
    }

    public function testWetAloneItSaysWhatIsUsualAndHowUnsureThatIs(): void
    {
        $wet = Settling::of($this->before, [[0.0, $this->really(9.0, 0.1, 1.7, 0.0)]], SettlingHabit::usual(FamilyId::ConditionerLight));
        self::assertSame(SettlingAdvice::Wait, $wet->advice());
        self::assertGreaterThan($wet->low + 0.1, $wet->high);
        $expected = '/^About (eight|nine) tenths back by the same hour tomorrow; it stays .*, by \d\.\d to \d\.\d\.$/';
        self::assertMatchesRegularExpression($expected, $wet->sentence());
        $later = Settling::of(
            $this->before,
            [[0.0, $this->really(9.0, 0.1, 1.7, 0.0)], [2.0, $this->really(9.0, 0.1, 1.7, 2.0)], [8.0, $this->really(9.0, 0.1, 1.7, 8.0)]],
            SettlingHabit::usual(FamilyId::ConditionerLight),
        );
        self::assertLessThan($wet->high - $wet->low, $later->high - $later->low, 'each reading makes it surer');
    }

    public function testWhatIsOnItsWayIsNotJudged(): void
    {
        $habit = SettlingHabit::usual(FamilyId::Oil);
        self::assertSame(SettlingAdvice::Read, Settling::of($this->before, [], $habit)->advice());
        $way = fn (float ...$hours): Settling => Settling::of(
            $this->before,
            array_map(fn (float $h): array => [$h, $this->really(10.0, 0.05, 5.0, $h)], array_values($hours)),
            $habit,
        );
        $two = $way(0.1, 2.0);
        self::assertSame(SettlingAdvice::Wait, $two->advice());
        self::assertGreaterThan(6.0, $two->judgedFrom());
        $tomorrow = $way(0.1, 2.0, 30.0);
        self::assertNotSame(SettlingAdvice::Wait, $tomorrow->advice());
        self::assertLessThanOrEqual(30.0, $tomorrow->judgedFrom());
    }

    public function testWhetherToGoOnHangsOnWhatStays(): void
    {
        $advice = fn (float $wet, float $stays): SettlingAdvice => Settling::of(
            $this->before,
            array_map(fn (float $h): array => [$h, $this->really($wet, $stays, 2.0, $h)], [0.1, 2.0, 24.0, 48.0]),
            SettlingHabit::learned(FamilyId::Conditioner, [$stays, $stays, $stays]),
        )->advice();
        self::assertSame([SettlingAdvice::GoOn, SettlingAdvice::Tell, SettlingAdvice::Ask], [$advice(8.0, 0.05), $advice(8.0, 0.17), $advice(12.0, 0.6)]);
    }

    public function testSimilarSkinsTeachWhatIsToBeExpected(): void
    {
        $usual = SettlingHabit::usual(FamilyId::Conditioner);
        $learned = SettlingHabit::learned(FamilyId::Conditioner, [0.5, 0.55, 0.45, 0.5, 0.5, 0.5]);
        self::assertEqualsWithDelta((3.0 + 2.0 * $usual->stays) / 8.0, $learned->stays, 1e-9);
        self::assertLessThan($usual->unsure, $learned->unsure);
        $wet = [[0.0, $this->really(9.0, 0.5, 1.7, 0.0)]];
        self::assertGreaterThan(Settling::of($this->before, $wet, $usual)->stays + 0.1, Settling::of($this->before, $wet, $learned)->stays);
        self::assertSame([0, 6], [$usual->seen, $learned->seen]);
    }

    public function testMoreStaysOfOilThanOfLightCreamAndItTakesLonger(): void
    {
        [$light, $oil] = [SettlingHabit::usual(FamilyId::ConditionerLight), SettlingHabit::usual(FamilyId::Oil)];
        self::assertLessThan($oil->stays, $light->stays);
        self::assertLessThan($oil->hours, $light->hours);
        foreach ([FamilyId::Conditioner, FamilyId::Oil, FamilyId::Resin, FamilyId::Repellent] as $darkens) {
            self::assertTrue(SettlingHabit::isWatched($darkens), $darkens->value);
        }
        foreach ([FamilyId::Paint, FamilyId::Soap, FamilyId::Alcohol] as $does) {
            self::assertFalse(SettlingHabit::isWatched($does), $does->value.' is laid, or wets and dries, and nothing of it is asked');
        }
    }

    public function testWhereNothingChangedNothingIsMadeOfIt(): void
    {
        $same = Settling::of($this->before, [[0.1, $this->before], [2.0, Lab::of(45.1, 16.0, 26.0)]], SettlingHabit::usual(FamilyId::Conditioner));
        self::assertSame('It has hardly darkened.', $same->sentence());
        self::assertLessThan(0.3, $same->staysBy());
    }

    private function really(float $wet, float $stays, float $tau, float $hours): Lab
    {
        $by = $wet * ($stays + (1.0 - $stays) * exp(-$hours / $tau));

        return Lab::of(45.0 - 0.92 * $by, 16.0 + 0.24 * $by, 26.0 - 0.31 * $by);
    }
}
