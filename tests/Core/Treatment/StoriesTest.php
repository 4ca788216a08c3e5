<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
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
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use PHPUnit\Framework\TestCase;

/** Pieces of the Lantern Players and of the town, and the few things about each plan that matter. */
final class StoriesTest extends TestCase
{
    public function testTheLamplightersMuddyShoesAreCleanedWithoutLosingTheirAge(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->to(Aim::Keep, Gloss::Matt)
            ->with('left/vamp', FindingKind::Mud)->with('right/toe', FindingKind::Scuff));
        self::assertTrue($this->has($plan, FamilyId::CleanerCream, 'left/vamp'));
        self::assertFalse($this->has($plan, FamilyId::CleanerCream, 'right/vamp'), 'only what is muddy');
        self::assertFalse($this->lays($plan, FamilyId::Wax));
        self::assertFalse($this->lays($plan, FamilyId::EdgeDressing));
        self::assertStringContainsString('mud', $this->first($plan, FamilyId::CleanerCream)->why);
    }

    public function testTheJudgesShoesHaveNoLacesAndGetTheirHeelDressed(): void
    {
        $plan = $this->plan(
            Shoes::pair(Kind::Court)
                ->with('left/heel-stack', FindingKind::Scratch)
                ->shade('left/heel-stack', Shade::Black)
                ->shade('right/heel-stack', Shade::Black),
        );
        self::assertSame('Take the insoles out', $plan->steps[0]->title);
        $dressing = $this->first($plan, FamilyId::EdgeDressing);
        self::assertSame('Dress the edge, black', $dressing->title);
        self::assertSame(ColourFamily::Dark, $dressing->brush);
        self::assertContains('H-3', array_map(static fn ($h) => $h->rule(), $dressing->hazards));
    }

    public function testADanceShoeHasNoWeltSoNothingIsMasked(): void
    {
        $worn = static fn (Kind $kind): Shoes => Shoes::pair($kind)->of(Material::Aniline)->to(Aim::Restore)->with('left/counter', FindingKind::Faded, 3)
            ->made('left/lining', Material::Aniline)->made('right/lining', Material::Aniline);
        self::assertNotContains(Action::Mask, $this->actions($this->plan($worn(Kind::DanceShoe))));
        self::assertContains(Action::Mask, $this->actions($this->plan($worn(Kind::Oxford))));
    }

    public function testAStainedWeltMayTakeTheDressingUnlessItsStitchingIsLight(): void
    {
        $stained = Shoes::pair()
            ->made('left/welt', Material::LeatherEdge)
            ->made('right/welt', Material::LeatherEdge)
            ->of(Material::Aniline)->to(Aim::Restore)
            ->made('left/lining', Material::Aniline)->made('right/lining', Material::Aniline)
            ->with('left/vamp', FindingKind::Faded, 3);
        self::assertNotContains(Action::Mask, $this->actions($this->plan($stained)));
        $light = $stained->flagged('left/welt', Flag::ContrastStitching)->flagged('right/welt', Flag::ContrastStitching);
        self::assertContains(Action::Mask, $this->actions($this->plan($light)));
    }

    public function testAPlasticHeelIsWipedAndNothingElse(): void
    {
        $plan = $this->plan(
            Shoes::pair()
                ->to(Aim::Restore, Gloss::Glow)
                ->made('left/heel-stack', Material::PlasticStack)
                ->made('right/heel-stack', Material::PlasticStack)
                ->with('left/heel-stack', FindingKind::Scuff, 4),
        );
        foreach ([FamilyId::EdgeDressing, FamilyId::Alcohol, FamilyId::Wax, FamilyId::Conditioner] as $family) {
            self::assertFalse($this->has($plan, $family, 'left/heel-stack'), $family->value);
        }
        self::assertTrue($this->has($plan, FamilyId::DampCloth, 'left/heel-stack'));
    }

    public function testFathersBurnishedOxfordsAreTriedFirstAndNeverMeetASolvent(): void
    {
        $plan = $this->plan(Shoes::pair(Kind::Oxford)->of(Material::Burnished)->to(Aim::Freshen, Gloss::Mirror)
            ->with('left/toe', FindingKind::OldPolish)->with('left/vamp', FindingKind::Crack)->dry('left/vamp', Dryness::Thirsty));
        foreach ($plan->steps as $step) {
            foreach ($step->step->on as $place) {
                self::assertFalse(FamilyId::Alcohol === $step->step->family && $place->part->isOuter(), $step->title);
            }
        }
        self::assertCount(5, array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Trial === $s->step->action), 'one for each product');
        self::assertSame(['C-2'], array_map(static fn ($r) => $r->rule, $plan->refused));
        self::assertCount(2, $plan->tellOwner, 'the crack that never closes, the polish that no solvent may take');
    }

    public function testTheGhostsLoafersAreAGuessSoTheyAreTriedThoughTheyMayBePigmented(): void
    {
        $plan = $this->plan(Shoes::pair(Kind::Loafer)->of(Material::Pigmented, Certainty::Guess)->to(Aim::Freshen, Gloss::Matt));
        $trial = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Trial === $s->step->action))[0];
        self::assertSame([FamilyId::DampCloth], $trial->step->tries);
        self::assertContains('C-1', $trial->rules);
        self::assertStringStartsWith('Try out of sight: barely damp cloth', $trial->title);
        self::assertStringContainsString('Dry, in daylight', (string) $trial->gate);
    }

    public function testOneFadedHalfStillGetsBothHalvesCreamedInTheSameShade(): void
    {
        $plan = $this->plan(Shoes::pair()->with('right/quarter', FindingKind::Faded, 3));
        $creams = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => FamilyId::Cream === $s->step->family));
        self::assertCount(2, $creams, 'two coats on both halves');
        self::assertSame([[Half::Left, Half::Right], [Half::Left, Half::Right]], array_map(static fn (PlannedStep $s) => $s->step->halves(), $creams));
        self::assertSame('quarter', $creams[1]->where);
        foreach ($creams as $cream) {
            self::assertSame(Shade::Chestnut, $cream->shade);
        }
    }

    public function testOnlyTheThirstyHalfIsFed(): void
    {
        $plan = $this->plan(Shoes::pair()->dry('right/vamp', Dryness::Thirsty));
        self::assertTrue($this->has($plan, FamilyId::Conditioner, 'right/vamp'));
        self::assertFalse($this->has($plan, FamilyId::Conditioner, 'left/vamp'));
        self::assertSame('The vamp is thirsty.', $this->first($plan, FamilyId::Conditioner)->why);
    }

    public function testHazeIsBrushedAtTheTouchWhileTheNextProductWaitsLonger(): void
    {
        $plan = $this->plan(Shoes::pair()->to(Aim::Freshen, Gloss::Satin));
        $cream = $this->first($plan, FamilyId::Cream);
        self::assertSame(Stage::Touch, $cream->gateFrom);
        $wax = $this->first($plan, FamilyId::Wax);
        self::assertTrue($wax->step->bondTo($cream->step->id)?->covers(Stage::Next));
        $buff = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Buff === $s->step->action))[0];
        self::assertSame(Stage::Touch, $buff->step->bondTo($cream->step->id)?->from);
    }

    public function testNothingIsHandedOverBeforeTheLastCoatHasComeToRest(): void
    {
        $plan = $this->plan(Shoes::pair());
        $last = $plan->steps[\count($plan->steps) - 1];
        self::assertSame(Action::HandOver, $last->step->action);
        self::assertEqualsWithDelta(720.0, max([0.0, ...array_map(static fn ($w) => $w->minMinutes ?? 0.0, $last->waits)]), 0.1);
        self::assertGreaterThan(720.0, $plan->elapsedMinutes);
        self::assertLessThan($plan->elapsedMinutes, $plan->handsOnMinutes);
    }

    public function testWhatCreamsCannotMendIsSaidNotHidden(): void
    {
        foreach (
            [FindingKind::Gouge, FindingKind::Peeling, FindingKind::Mould, FindingKind::ColourTransfer, FindingKind::BleachedSpot, FindingKind::Crease] as $kind
        ) {
            $told = $this->plan(Shoes::pair()->to(Aim::Freshen)->with('left/vamp', $kind, 3))->tellOwner;
            self::assertCount(1, $told, $kind->value);
            self::assertStringContainsString(' on the left vamp ', $told[0]->text);
        }
        self::assertSame([], $this->plan(Shoes::pair()->with('left/vamp', FindingKind::Dust))->tellOwner);
    }

    public function testNoPlanEverPromisesThatLeatherKeepsWaterOut(): void
    {
        foreach (Kind::cases() as $kind) {
            $piece = Shoes::pair($kind)->of(Material::Aniline)->to(Aim::Restore, Gloss::Mirror)->dry(Shoes::first($kind), Dryness::Stiff);
            foreach ($this->plan($piece)->steps as $step) {
                self::assertStringNotContainsStringIgnoringCase('waterproof', $step->title.$step->how.$step->why);
                self::assertLessThan(160, mb_strlen($step->title), 'it fits the bench');
                self::assertLessThan(400, mb_strlen($step->how));
            }
        }
    }

    public function testABiggerShoeTakesMoreOfEverything(): void
    {
        $small = $this->first($this->plan(Shoes::pair()), FamilyId::Cream);
        $large = $this->first($this->plan(Shoes::pair()->sized(49.0)), FamilyId::Cream);
        self::assertGreaterThan($small->amount->quantity ?? 0.0, $large->amount->quantity ?? 0.0);
        self::assertGreaterThan($small->minutes, $large->minutes);
    }

    private function plan(Shoes $shoes): Plan
    {
        return Planner::plan($shoes->piece(), Air::reference());
    }

    private function first(Plan $plan, FamilyId $family): PlannedStep
    {
        foreach ($plan->steps as $step) {
            if ($step->step->family === $family) {
                return $step;
            }
        }
        self::fail('There is no '.$family->label().'.');
    }

    private function lays(Plan $plan, FamilyId $family): bool
    {
        return [] !== array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->family === $family);
    }

    private function has(Plan $plan, FamilyId $family, string $place): bool
    {
        return [] !== array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->family === $family && $s->step->touches(Shoes::place($place)));
    }

    /** @return list<Action> */
    private function actions(Plan $plan): array
    {
        return array_map(static fn (PlannedStep $s): Action => $s->step->action, $plan->steps);
    }
}
