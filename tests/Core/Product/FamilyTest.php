<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Product;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FamilyTest extends TestCase
{
    /**
     * The planning figures as the trade gives them, in ranges: minutes to the touch, to another family, and at rest; use per m².
     *
     * @return iterable<string, array{FamilyId, array{float, float}, array{float, float}, array{float, float}, array{float, float}}>
     */
    public static function ranges(): iterable
    {
        $hour = 60.0;
        yield 'a barely damp cloth' => [FamilyId::DampCloth, [5, 5], [10, 15], [0, 60], [0, 0]];
        yield 'neutral cleaner' => [FamilyId::CleanerNeutral, [15, 15], [30, 60], [2 * $hour, 2 * $hour], [60, 120]];
        yield 'cleaning cream' => [FamilyId::CleanerCream, [5, 10], [60, 60], [12 * $hour, 12 * $hour], [15, 25]];
        yield 'saddle soap' => [FamilyId::Soap, [120, 120], [12 * $hour, 24 * $hour], [24 * $hour, 24 * $hour], [20, 40]];
        yield 'wash' => [FamilyId::Wash, [0, 24 * $hour], [12 * $hour, 24 * $hour], [24 * $hour, 24 * $hour], [0, 0]];
        yield 'foam cleaner' => [FamilyId::FoamCleaner, [10, 10], [30, 30], [120, 120], [80, 120]];
        yield 'suede cleaner' => [FamilyId::SuedeCleaner, [120, 240], [240, 240], [720, 720], [80, 120]];
        yield 'salt wash' => [FamilyId::SaltWash, [30, 30], [120, 120], [720, 720], [40, 60]];
        yield 'poultice' => [FamilyId::Poultice, [0, 12 * $hour], [4 * $hour, 12 * $hour], [0, 12 * $hour], [100, 100]];
        yield 'mild solvent' => [FamilyId::SolventMild, [5, 5], [15, 15], [60, 60], [30, 50]];
        yield 'alcohol' => [FamilyId::Alcohol, [2, 2], [5, 10], [0, 60], [30, 50]];
        yield 'deglosser' => [FamilyId::Deglosser, [2, 2], [10, 20], [60, 60], [30, 60]];
        yield 'filler' => [FamilyId::Filler, [20, 20], [120, 240], [1440, 1440], [0, 0]];
        yield 'crack filler' => [FamilyId::CrackFiller, [30, 30], [240, 240], [1440, 1440], [0, 100]];
        yield 'cement' => [FamilyId::Cement, [10, 15], [10, 40], [1440, 1440], [150, 250]];
        yield 'spirit dye' => [FamilyId::DyeSpirit, [10, 10], [120, 240], [1440, 1440], [40, 80]];
        yield 'water dye' => [FamilyId::DyeWater, [45, 45], [240, 360], [1440, 1440], [50, 90]];
        yield 'paint' => [FamilyId::Paint, [10, 15], [120, 120], [1440, 4320], [50, 90]];
        yield 'primer' => [FamilyId::Primer, [15, 15], [30, 30], [1440, 1440], [40, 60]];
        yield 'touch-up' => [FamilyId::TouchUp, [10, 10], [60, 60], [1440, 1440], [40, 60]];
        yield 'topcoat' => [FamilyId::Topcoat, [20, 20], [240, 240], [2880, 4320], [50, 80]];
        yield 'resin' => [FamilyId::Resin, [20, 20], [120, 120], [1440, 1440], [50, 80]];
        yield 'conditioner' => [FamilyId::Conditioner, [10, 15], [60, 720], [720, 720], [20, 35]];
        yield 'light conditioner' => [FamilyId::ConditionerLight, [60, 120], [240, 240], [1440, 1440], [15, 25]];
        yield 'oil' => [FamilyId::Oil, [120, 240], [720, 1440], [2880, 2880], [60, 120]];
        yield 'heavy wax' => [FamilyId::HeavyWax, [240, 240], [720, 720], [1440, 1440], [40, 80]];
        yield 'cream' => [FamilyId::Cream, [5, 10], [60, 60], [720, 720], [15, 25]];
        yield 'wax' => [FamilyId::Wax, [5, 10], [60, 60], [720, 720], [8, 15]];
        yield 'quick shine' => [FamilyId::Shine, [3, 3], [10, 10], [60, 60], [10, 10]];
        yield 'edge dressing' => [FamilyId::EdgeDressing, [10, 15], [60, 60], [720, 720], [0, 100]];
        yield 'grip-safe protector' => [FamilyId::GripSafeProtector, [20, 20], [60, 60], [720, 720], [20, 40]];
        yield 'repellent' => [FamilyId::Repellent, [20, 30], [720, 720], [1440, 2880], [60, 100]];
        yield 'oxidising cream' => [FamilyId::Peroxide, [0, 0], [120, 1440], [240, 1440], [200, 200]];
        yield 'lining spray' => [FamilyId::LiningSpray, [10, 10], [60, 60], [720, 720], [60, 60]];
    }

    /**
     * @param array{float, float} $touch
     * @param array{float, float} $next
     * @param array{float, float} $full
     * @param array{float, float} $use
     */
    #[DataProvider('ranges')]
    public function testItsNumbersLieWhereTheTradeHasThem(FamilyId $id, array $touch, array $next, array $full, array $use): void
    {
        $family = Family::of($id);
        foreach ([[Stage::Touch, $touch], [Stage::Next, $next], [Stage::Full, $full]] as [$stage, [$least, $most]]) {
            self::assertGreaterThanOrEqual($least, $family->drying->minutes($stage), $stage->value);
            self::assertLessThanOrEqual($most, $family->drying->minutes($stage), $stage->value);
        }
        self::assertGreaterThanOrEqual($use[0], $family->usePerM2);
        self::assertLessThanOrEqual($use[1], $family->usePerM2);
    }

    public function testEveryFamilyButTheDryBrushIsInThatTable(): void
    {
        $named = array_map(static fn (array $row): FamilyId => $row[0], array_values([...self::ranges()]));
        self::assertEqualsCanonicalizing(
            array_values(array_filter(FamilyId::cases(), static fn (FamilyId $f): bool => FamilyId::Brush !== $f)),
            $named,
        );
    }

    public function testStagesFollowEachOther(): void
    {
        foreach (FamilyId::cases() as $id) {
            $drying = Family::of($id)->drying;
            self::assertLessThanOrEqual($drying->nextMinutes, $drying->touchMinutes, $id->value);
            self::assertLessThanOrEqual($drying->fullMinutes, $drying->nextMinutes, $id->value);
            if (null !== $drying->recoatUntilMinutes) {
                self::assertGreaterThan($drying->recoatFromMinutes, $drying->recoatUntilMinutes, $id->value);
            }
        }
    }

    public function testFatIsWhatPaintDoesNotHoldOn(): void
    {
        $fat = array_values(array_filter(FamilyId::cases(), static fn (FamilyId $f): bool => $f->does(Effect::LaysFat)));
        self::assertEqualsCanonicalizing(
            [
                FamilyId::CleanerCream, FamilyId::Conditioner, FamilyId::ConditionerLight, FamilyId::Oil, FamilyId::HeavyWax,
                FamilyId::Cream, FamilyId::Wax, FamilyId::Shine,
            ],
            $fat,
        );
        foreach ($fat as $id) {
            self::assertFalse($id->does(Effect::NeedsCleanGround), $id->value);
            self::assertFalse($id->does(Effect::TakesWarmAir), 'never warm air on oil or wax: '.$id->value);
        }
    }

    public function testWaterFilmsDoNotFormInTheColdAndSpiritsBloomInTheDamp(): void
    {
        foreach ([FamilyId::Paint, FamilyId::Primer, FamilyId::Topcoat, FamilyId::Resin, FamilyId::Filler] as $id) {
            self::assertSame(10.0, Family::of($id)->drying->minTempC, $id->value);
            self::assertSame(Driver::Water, Family::of($id)->drying->driesBy, $id->value);
        }
        foreach ([FamilyId::DyeSpirit, FamilyId::EdgeDressing, FamilyId::Repellent] as $id) {
            self::assertSame(0.85, Family::of($id)->drying->maxRh, $id->value);
        }
    }

    public function testWhateverIsASolventSaysHowToBreathe(): void
    {
        foreach (
            [
                FamilyId::Alcohol, FamilyId::SolventMild, FamilyId::Deglosser, FamilyId::Cement, FamilyId::DyeSpirit, FamilyId::Repellent,
                FamilyId::LiningSpray, FamilyId::EdgeDressing,
            ] as $id
        ) {
            self::assertContains(Hazard::Solvent, Family::of($id)->hazards, $id->value);
            self::assertContains(Hazard::Flammable, Family::of($id)->hazards, $id->value);
        }
        foreach (Hazard::cases() as $hazard) {
            self::assertMatchesRegularExpression('/^H-\d+$/', $hazard->rule());
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $hazard->caution());
        }
    }

    public function testWhatIsSprayedBringsAFilterAndTheBoothAndWhatIsNotDoesNot(): void
    {
        foreach ([FamilyId::Primer, FamilyId::Paint, FamilyId::Topcoat] as $id) {
            $family = Family::of($id);
            foreach (Applicator::cases() as $by) {
                $sprayed = \in_array($by, [Applicator::Airbrush, Applicator::SprayCan], true);
                self::assertSame($sprayed, \in_array(Hazard::Spray, $family->hazardsBy($by), true), $id->value.' by '.$by->value);
                self::assertSame($sprayed ? 'booth' : 'bench', $family->station($by)->value, $id->value.' by '.$by->value);
            }
            $other = static fn (Hazard $h): bool => Hazard::Spray !== $h;
            self::assertEquals(array_values(array_filter($family->hazards, $other)), $family->hazardsBy(Applicator::Cloth), 'the rest stays');
        }
    }

    public function testAnAmountGrowsWithTheAreaAndWithWhatStaysInTheApplicator(): void
    {
        $cream = Family::of(FamilyId::Cream);
        // 7 dm² at 20 g/m² are 1.4 g on the leather.
        self::assertSame(1.4, Amount::forCoat($cream, 7.0, Applicator::None)?->quantity);
        self::assertSame(1.5, Amount::forCoat($cream, 7.0, Applicator::Brush)?->quantity);
        self::assertSame(1.8, Amount::forCoat($cream, 7.0, Applicator::Cloth)?->quantity);
        self::assertSame(Unit::Gram, Amount::forCoat($cream, 7.0, Applicator::Cloth)->unit);
        self::assertNull(Amount::forCoat(Family::of(FamilyId::DampCloth), 7.0, Applicator::Cloth));
        self::assertNull(Amount::forCoat($cream, 0.0, Applicator::Cloth));
    }
}
