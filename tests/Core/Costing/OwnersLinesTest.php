<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Costing;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Costing\CareNeeded;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Costing\LeftAlone;
use KindHeel\Core\Costing\OwnersLines;
use KindHeel\Core\Costing\Share;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use KindHeel\Tests\Core\Treatment\AnyPiece;
use PHPUnit\Framework\TestCase;

/** What an owner reads on an offer: by what is wrong and where, with the minutes of the plan, neither more nor less. */
final class OwnersLinesTest extends TestCase
{
    public function testTogetherTheLinesHaveTheMinutesOfThePlan(): void
    {
        $named = 0;
        for ($number = 1; $number <= 60; ++$number) {
            $piece = AnyPiece::of($number);
            $plan = Planner::plan($piece, Air::reference(), new Wishes(Schools::usual()));
            $lines = OwnersLines::of($plan, $piece, static fn (): Learned => Learned::nothing(), 0.3);
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn (PlannedStep $s): float => $s->minutes, $plan->steps)),
                array_sum(array_map(static fn (Share $s): float => $s->minutes, $lines)),
                1e-6,
                "piece $number",
            );
            foreach ($lines as $line) {
                self::assertGreaterThan(0.0, $line->minutes);
                self::assertMatchesRegularExpression('/^\p{Lu}/u', $line->what);
                $named += str_contains($line->what, ' on the ') ? 1 : 0;
            }
        }
        self::assertGreaterThan(60, $named, 'by what is wrong and where');
    }

    public function testWhatIsLearnedHereGoesIntoIt(): void
    {
        $piece = AnyPiece::of(3);
        $plan = Planner::plan($piece, Air::reference(), new Wishes(Schools::usual()));
        $sum = static fn (Learned $known): float => array_sum(array_map(
            static fn (Share $s): float => $s->minutes,
            OwnersLines::of($plan, $piece, static fn (): Learned => $known, 0.3),
        ));
        $slower = Learned::from(array_fill(0, 40, 1.5));
        self::assertEqualsWithDelta($slower->factor, $sum($slower) / $sum(Learned::nothing()), 1e-9);
    }

    public function testMinutesThatAreLongTogetherVaryMoreThanEachForItself(): void
    {
        $piece = AnyPiece::of(3);
        $plan = Planner::plan($piece, Air::reference(), new Wishes(Schools::usual()));
        $at = static fn (float $correlation): array => array_map(
            static fn (Share $s): float => $s->cv(),
            OwnersLines::of($plan, $piece, static fn (): Learned => Learned::nothing(), $correlation),
        );
        foreach ($at(1.0) as $cv) {
            self::assertEqualsWithDelta(Learned::USUAL_SPREAD, $cv, 1e-9, 'all of it together is as any of it');
        }
        self::assertLessThan(array_sum($at(1.0)), array_sum($at(0.0)));
    }

    public function testEveryPhaseIsOfOneKindOfWork(): void
    {
        foreach (Phase::cases() as $phase) {
            self::assertNotSame('', KindOfWork::of($phase)->label());
        }
        self::assertSame(KindOfWork::Colouring, KindOfWork::of(Phase::Seal));
    }

    public function testWhatRunsOnIsSaidAndWhatOnlyShowsIsNot(): void
    {
        $says = [];
        for ($number = 1; $number <= 80; ++$number) {
            $says = [...$says, ...LeftAlone::of(AnyPiece::of($number))];
        }
        $all = implode("\n", $says);
        self::assertStringContainsString('runs on, stitch by stitch.', $all);
        self::assertStringNotContainsString('scuff', strtolower($all), 'a scuff stays as it is');
        foreach ($says as $sentence) {
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $sentence);
        }
    }

    public function testCareIsAskedForWhatWasLaid(): void
    {
        for ($number = 1; $number <= 40; ++$number) {
            $plan = Planner::plan(AnyPiece::of($number, aim: Aim::Restore), Air::reference(), new Wishes(Schools::usual()));
            $laid = array_map(static fn (PlannedStep $s): string => $s->step->family->value ?? '', $plan->steps);
            $care = implode(' ', CareNeeded::after($plan));
            $painted = [] !== array_intersect(['paint', 'touch-up'], $laid);
            self::assertSame($painted, str_contains($care, 'new colour is fully hard'), "piece $number");
            self::assertSame(\in_array('repellent', $laid, true), str_contains($care, 'Sprayed anew'));
            self::assertStringNotContainsString('waterproof', $care);
        }
    }
}
