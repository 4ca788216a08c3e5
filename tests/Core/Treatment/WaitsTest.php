<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\DryingTimes;
use KindHeel\Core\Treatment\WorkKey;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Waits told in minutes, and stages that minutes are sure to reach. */
final class WaitsTest extends TestCase
{
    /** Paint in the usual air: touch 12, recoat from 20 until 1440, next 120, full 2880. */
    #[TestWith([0.0, null])]
    #[TestWith([11.9, null])]
    #[TestWith([12.0, Stage::Touch])]
    #[TestWith([19.8, Stage::Touch])]
    #[TestWith([20.0, Stage::RecoatFrom])]
    #[TestWith([119.9, Stage::RecoatFrom])]
    #[TestWith([119.95, Stage::Next])]
    #[TestWith([2879.0, Stage::Next])]
    #[TestWith([2880.0, Stage::Full])]
    public function testSoManyMinutesAreSureToReach(float $minutes, ?Stage $stage): void
    {
        self::assertSame($stage, (new DryingTimes(Air::reference()))->bond('s01', FamilyId::Paint, $minutes, null)->from);
    }

    #[TestWith([5.0, Stage::Touch])]
    #[TestWith([12.0, Stage::Touch])]
    #[TestWith([60.0, Stage::RecoatUntil])]
    #[TestWith([1440.0, Stage::RecoatUntil])]
    #[TestWith([1500.0, null])]
    public function testSoManyMinutesMustNotHaveReached(float $minutes, ?Stage $stage): void
    {
        self::assertSame($stage, (new DryingTimes(Air::reference()))->bond('s01', FamilyId::Paint, 0.0, $minutes)->before);
    }

    public function testWithoutACoatThereIsNothingButTheMinutes(): void
    {
        self::assertEquals(new After('s01', null, 60.0), (new DryingTimes(Air::reference()))->bond('s01', null, 30.0, 60.0));
    }

    public function testCoolMoistAirTakesLongerAndAFilmThatStallsTakesForEver(): void
    {
        $usual = new DryingTimes(Air::reference());
        $cool = new DryingTimes(Air::of(14.0, 0.7));
        $cold = new DryingTimes(Air::of(5.0, 0.7));
        foreach (FamilyId::cases() as $family) {
            if (!Family::of($family)->dries()) {
                self::assertSame(0.0, $usual->full($family), $family->value);
                continue;
            }
            self::assertGreaterThanOrEqual($usual->full($family), $cool->full($family), $family->value);
        }
        self::assertSame(\INF, $cold->full(FamilyId::Paint), 'below ten degrees no film forms');
        self::assertNull($cold->minutes(FamilyId::Paint, Stage::Next));
        self::assertSame(2880.0, $usual->full(FamilyId::Paint));
    }

    public function testOfTwoWaitsForOneStepTheStricterOfEachEndHolds(): void
    {
        $touch = new After('a', Stage::Touch, 60.0);
        $next = new After('a', Stage::Next, 40.0, Stage::RecoatUntil);
        foreach ([$touch->and($next), $next->and($touch)] as $both) {
            self::assertEquals(new After('a', Stage::Next, 40.0, Stage::RecoatUntil), $both);
        }
        self::assertEquals(new After('a', Stage::Touch, 60.0), $touch->and(new After('a')));
        self::assertEquals(new After('a', Stage::Touch, 60.0), (new After('a'))->and($touch));
        self::assertTrue($next->covers(Stage::Touch));
        self::assertFalse($touch->covers(Stage::Next));
        self::assertFalse((new After('a'))->covers(Stage::Touch));
    }

    public function testWhatIsLearnedAboutGoesByProductAndToolOrByTheAct(): void
    {
        self::assertSame('paint/airbrush', WorkKey::of(Action::Lay, FamilyId::Paint, Applicator::Airbrush));
        self::assertSame('buff', WorkKey::of(Action::Buff, null, Applicator::Brush));
        self::assertSame('cream/cloth', WorkKey::drying(FamilyId::Cream, Applicator::Cloth));
        self::assertSame(FamilyId::Paint->label().', spray can', WorkKey::label('paint/spray-can'));
        self::assertSame(FamilyId::Wash->label(), WorkKey::label('wash/none'));
        self::assertSame(Action::ReadColour->label(), WorkKey::label('read-colour'));
        self::assertSame('something/else', str_replace(', ', '/', WorkKey::label('something/else')), 'what is no longer known keeps its name');
    }
}
