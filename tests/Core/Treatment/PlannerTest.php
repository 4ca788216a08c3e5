<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    use TestTrait;

    public function testAScuffedPigmentedPairIsCleanedColouredAndWaxedBothHalvesInTurn(): void
    {
        $plan = $this->plan(Shoes::pair()->with('left/toe', FindingKind::Scuff, 2));
        self::assertSame(
            ['take-apart', 'photograph', 'tree', 'dust-off', 'damp-cloth', 'cream', 'buff', 'wax', 'buff', 'tree-out', 'put-together',
                'photograph', 'hand-over'],
            $this->courses($plan),
        );
        foreach ($plan->steps as $step) {
            self::assertSame([Half::Left, Half::Right], $step->step->halves(), $step->title.': nothing dries in between, so both halves are worked in one go');
        }
        $painted = $this->plan(Shoes::pair()->to(Aim::Restore)->with('left/toe', FindingKind::Faded, 3));
        $halves = array_map(
            static fn (PlannedStep $s): string => $s->step->halves()[0]->value,
            array_values(array_filter($painted->steps, static fn (PlannedStep $s): bool => FamilyId::Paint === $s->step->family)),
        );
        self::assertSame(['left', 'right', 'left', 'right'], $halves, 'one dries while the other is worked');
    }

    public function testKeepAddsNoColourAnywhere(): void
    {
        $plan = $this->plan(
            Shoes::pair()->to(Aim::Keep, Gloss::Glow)->with('left/toe', FindingKind::Faded, 4)->with('left/sole-edge', FindingKind::EdgeWorn, 4),
        );
        foreach ($plan->steps as $step) {
            self::assertNull($step->shade, $step->title);
            self::assertSame(ColourFamily::Neutral, $step->brush);
            self::assertNotSame(FamilyId::EdgeDressing, $step->step->family);
        }
    }

    public function testOnAnilineATrialComesFirstAndItsDryingIsWaitedFor(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->dry('left/vamp', Dryness::Thirsty));
        $trials = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Trial === $s->step->action));
        self::assertSame(
            [[FamilyId::DampCloth], [FamilyId::Conditioner], [FamilyId::Cream], [FamilyId::Wax]],
            array_map(static fn (PlannedStep $s): array => $s->step->tries, $trials),
            'one trial for each product, and one place for the whole skin',
        );
        self::assertSame(['left/tongue'], array_map(static fn (Place $p): string => $p->key, $trials[0]->step->on));
        self::assertSame(Stage::Next, $trials[0]->gateFrom);
        $wipe = $this->laying($plan, FamilyId::DampCloth, Half::Left)[0];
        self::assertTrue($wipe->step->bondTo($trials[0]->step->id)?->covers(Stage::Next));
        self::assertEqualsWithDelta(
            12.5,
            max([0.0, ...array_map(static fn ($w): float => $w->minMinutes ?? 0.0, $wipe->waits)]),
            0.6,
            'it waits for its own trial, not for the slowest'
        );
    }

    public function testAGuessIsTreatedAsDelicate(): void
    {
        self::assertContains('trial', $this->courses($this->plan(Shoes::pair()->of(Material::Pigmented, Certainty::Guess))));
        self::assertNotContains('trial', $this->courses($this->plan(Shoes::pair()->of(Material::Pigmented, Certainty::Likely))));
    }

    public function testAWornHeelIsDegreasedAndDressedAndADryOneFed(): void
    {
        $plan = $this->plan(Shoes::pair()->with('right/heel-stack', FindingKind::EdgeWorn, 3));
        $heel = array_values(
            array_filter(
                $plan->steps,
                static fn (PlannedStep $s): bool => $s->step->touches(Shoes::place('right/heel-stack')) || $s->step->touches(Shoes::place('right/welt')),
            ),
        );
        $order = array_values(
            array_filter(
                array_map($this->what(...), $heel),
                static fn (string $w): bool => \in_array($w, ['sand', 'cream', 'alcohol', 'mask', 'edge-dressing', 'unmask', 'wax'], true),
            ),
        );
        self::assertSame(['sand', 'alcohol', 'edge-dressing', 'edge-dressing', 'wax'], $order, 'a small dauber keeps off the welt: nothing is taped');
        $dry = $this->plan(Shoes::pair()->with('right/heel-stack', FindingKind::StackDry, 3));
        self::assertCount(2, array_filter(
            $dry->steps,
            static fn (PlannedStep $s): bool => FamilyId::Cream === $s->step->family && Phase::Edges === $s->step->phase
        ));
        self::assertSame([], $this->laying($dry, FamilyId::EdgeDressing, Half::Right), 'cream is not laid on to be stripped');
        $dress = $this->laying($plan, FamilyId::EdgeDressing, Half::Right)[0];
        self::assertContains(60.0, array_map(static fn ($w) => $w->maxMinutes, $dress->waits));
        self::assertCount(2, $this->laying($plan, FamilyId::EdgeDressing, Half::Left), 'the fellow gets as many coats');
    }

    public function testStiffLeatherIsFedTwiceWithANightBetween(): void
    {
        $plan = $this->plan(Shoes::pair()->dry('left/vamp', Dryness::Stiff)->dry('left/quarter', Dryness::Thirsty));
        [$first, $second] = $this->laying($plan, FamilyId::Conditioner, Half::Left);
        self::assertCount(2, $first->step->on);
        self::assertCount(1, $second->step->on);
        self::assertEqualsWithDelta(720.0, max([0.0, ...array_map(static fn ($w) => $w->minMinutes ?? 0.0, $second->waits)]), 0.1);
        self::assertCount(0, $this->laying($plan, FamilyId::Conditioner, Half::Right));
    }

    public function testAMirrorIsBuiltOnToeAndCounterOnly(): void
    {
        $plan = $this->plan(Shoes::pair()->to(Aim::Freshen, Gloss::Mirror));
        $wax = $this->laying($plan, FamilyId::Wax, Half::Left);
        self::assertCount(5, $wax);
        self::assertSame('toe and counter', $wax[4]->where);
        self::assertCount(0, $this->laying($this->plan(Shoes::pair()->to(Aim::Freshen, Gloss::Matt)), FamilyId::Wax, Half::Left));
    }

    public function testTwoColoursAreCreamedApartThePalerLast(): void
    {
        $shoes = Shoes::pair()->with('left/toe', FindingKind::Faded);
        foreach (['left', 'right'] as $half) {
            $shoes->shade($half.'/vamp', Shade::Ivory);
        }
        $creams = array_values(array_filter($this->plan($shoes)->steps, static fn (PlannedStep $s): bool => FamilyId::Cream === $s->step->family));
        self::assertSame([Shade::Chestnut, Shade::Ivory], array_map(static fn (PlannedStep $s) => $s->shade, $creams));
    }

    public function testBrittleLeatherGetsAReferralAndNoSteps(): void
    {
        $plan = $this->plan(Shoes::pair()->dry('right/quarter', Dryness::Brittle));
        self::assertSame([], $plan->steps);
        self::assertSame('J-6', $plan->referrals[0]->rule);
        self::assertStringContainsString('right quarter', $plan->referrals[0]->text);
    }

    public function testSolventIsRefusedOnBurnishedLeatherInWords(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Burnished)->with('left/toe', FindingKind::OldPolish, 3));
        self::assertSame('C-2', $plan->refused[0]->rule);
        self::assertStringContainsString('burnished', $plan->refused[0]->text);
        self::assertSame([], $this->plan(Shoes::pair()->with('left/toe', FindingKind::OldPolish, 3))->refused);
    }

    public function testTheOwnerIsToldThatACrackStays(): void
    {
        $plan = $this->plan(Shoes::pair()->with('left/vamp', FindingKind::Crack, 2));
        self::assertSame('J-5', $plan->tellOwner[0]->rule);
        self::assertStringContainsString('never closes', $plan->tellOwner[0]->text);
    }

    public function testAnAmountIsAreaTimesUseOverTransfer(): void
    {
        $cream = $this->laying($this->plan(Shoes::pair(Kind::Oxford)), FamilyId::Cream, Half::Left)[0];
        // Twice 7 dm² of upper at 20 g/m² by dauber (0.85), as the welt is bare: 3.29 g, rounded up.
        self::assertSame(3.3, $cream->amount?->quantity);
    }

    public function testALaceLessShoeStillGivesUpItsInsoles(): void
    {
        $off = $this->plan(Shoes::pair(Kind::Loafer))->steps[0];
        self::assertSame(Action::TakeApart, $off->step->action);
        self::assertSame('insole', $off->where);
    }

    public function testInColdMoistAirThePlanTakesLonger(): void
    {
        $piece = Shoes::pair()->of(Material::Aniline)->piece();
        self::assertGreaterThan(Planner::plan($piece, Air::of(24.0, 0.35))->elapsedMinutes, Planner::plan($piece, Air::of(14.0, 0.8))->elapsedMinutes);
    }

    public function testWhatThePlannerMakesTheCheckerNeverFaults(): void
    {
        $this->limitTo(150)
            ->forAll(
                Generators::elements(...Kind::cases()),
                Generators::elements(...Aim::cases()),
                Generators::elements(...Gloss::cases()),
                Generators::elements(Material::Aniline, Material::SemiAniline, Material::Pigmented, Material::Burnished),
                Generators::elements(...Certainty::cases()),
                Generators::vector(6, Generators::tuple(Generators::choose(0, 999), Generators::elements(...FindingKind::cases()), Generators::choose(0, 4))),
                Generators::vector(
                    5,
                    Generators::tuple(
                        Generators::choose(0, 999),
                        Generators::elements(Dryness::Supple, Dryness::Thirsty, Dryness::Stiff),
                        Generators::elements(...Shade::cases()),
                    ),
                ),
            )
            ->then($this->isNeverFaulted(...));
    }

    /**
     * @param list<array{int, FindingKind, int}> $findings
     * @param list<array{int, Dryness, Shade}>   $parts
     */
    private function isNeverFaulted(Kind $kind, Aim $aim, Gloss $gloss, Material $material, Certainty $certainty, array $findings, array $parts): void
    {
        $all = self::places($kind);
        $shoes = Shoes::pair($kind)->of($material, $certainty)->to($aim, $gloss);
        foreach ($findings as [$at, $finding, $severity]) {
            $place = $all[$at % \count($all)];
            if (Shoes::place($place)->part->canHave($finding) && FindingKind::LiftedScales !== $finding) {
                $shoes->with($place, $finding, $severity);
            }
        }
        foreach ($parts as [$at, $dryness, $shade]) {
            $shoes->dry($all[$at % \count($all)], $dryness)->shade($all[$at % \count($all)], $shade);
        }
        $piece = $shoes->piece();
        $plan = Planner::plan($piece, Air::reference());
        self::assertSame([], Checker::standard()->check($piece, $plan->order()));
        self::assertTrue([] !== $plan->steps xor [] !== $plan->referrals);
        foreach ($plan->steps as $step) {
            self::assertNotSame([], $step->rules, $step->title);
            self::assertGreaterThanOrEqual(1.0, $step->minutes);
        }
        self::assertEquals($plan, Planner::plan($piece, Air::reference()), 'the same piece gets the same plan');
    }

    public function testEveryStepFollowsTheOneBeforeItOnItsHalf(): void
    {
        $plan = $this->plan(
            Shoes::pair()
                ->of(Material::Aniline)
                ->to(Aim::Freshen, Gloss::Glow)
                ->with('left/toe', FindingKind::Faded, 3)
                ->with('left/heel-stack', FindingKind::StackDry, 3),
        );
        $last = [];
        foreach ($plan->steps as $step) {
            foreach ($step->step->halves() as $half) {
                if (isset($last[$half->value])) {
                    self::assertNotNull($step->step->bondTo($last[$half->value]), $step->title.' would not wait its turn');
                }
                $last[$half->value] = $step->step->id;
            }
        }
        $creams = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => FamilyId::Cream === $s->step->family));
        self::assertNotNull($creams[2]->step->bondTo($creams[1]->step->id), 'the second coat on the left waits for the first on the right');
    }

    public function testAPlanWithTwoStepsExchangedIsCaughtWhereTheOrderBinds(): void
    {
        $piece = Shoes::pair()->of(Material::Aniline)->with('left/heel-stack', FindingKind::StackDry, 3)->piece();
        $order = Planner::plan($piece, Air::reference())->order();
        foreach ($order as $i => $step) {
            foreach (array_filter($step->after, static fn ($b): bool => null !== $b->from || null !== $b->withinMinutes) as $bond) {
                $shuffled = $order;
                $j = array_search($bond->step, array_map(static fn ($s) => $s->id, $order), true);
                self::assertIsInt($j);
                [$shuffled[$i], $shuffled[$j]] = [$shuffled[$j], $shuffled[$i]];
                $shuffled = array_values($shuffled);
                self::assertNotSame([], Checker::standard()->check($piece, $shuffled), $step->id.' before '.$bond->step);
            }
        }
    }

    /** @return non-empty-list<string> */
    private static function places(Kind $kind): array
    {
        $places = [Shoes::first($kind)];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $part) {
                $places[] = $half->value.'/'.$part->value;
            }
        }

        return $places;
    }

    private function plan(Shoes $shoes): Plan
    {
        return Planner::plan($shoes->piece(), Air::reference());
    }

    /** @return list<string> what is done, left and right told once */
    private function courses(Plan $plan): array
    {
        $courses = [];
        foreach ($plan->steps as $step) {
            if (end($courses) !== $this->what($step)) {
                $courses[] = $this->what($step);
            }
        }

        return $courses;
    }

    private function what(PlannedStep $step): string
    {
        return $step->step->family->value ?? $step->step->action->value;
    }

    /** @return list<PlannedStep> */
    private function laying(Plan $plan, FamilyId $family, Half $half): array
    {
        return array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->family === $family && \in_array(
            $half,
            $s->step->halves(),
            true
        )));
    }
}
