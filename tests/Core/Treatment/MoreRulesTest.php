<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;

/** The rules of mending, filling, colouring and protecting, each both ways. */
final class MoreRulesTest extends RuleTestCase
{
    public function testStrongerCleanersNeedAGentlerOneBeforeThemAndNapIsErasedFirst(): void
    {
        foreach ([FamilyId::CleanerNeutral, FamilyId::Soap, FamilyId::FoamCleaner, FamilyId::SolventMild, FamilyId::Deglosser] as $family) {
            $this->broken('O-5', Shoes::pair(), $this->lay($family, 'left/vamp'));
            $this->kept('O-5', Shoes::pair(), $this->lay(FamilyId::DampCloth, 'left/vamp'), $this->lay($family, 'left/vamp'));
        }
        $suede = Shoes::pair()->of(Material::Suede);
        $this->broken('O-5', $suede, $this->lay(FamilyId::SuedeCleaner, 'left/vamp'));
        $this->kept('O-5', $suede, $this->act(Action::Erase, 'left/vamp'), $this->lay(FamilyId::SuedeCleaner, 'left/vamp'));
    }

    public function testNothingIsSewnSandedOrTapedWet(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp')->named('a');
        foreach ([Action::Stitch, Action::Sand, Action::Mask] as $action) {
            $this->broken('O-7', Shoes::pair(), $wipe, $this->act($action, 'left/vamp')->named('b'));
            $this->kept('O-7', Shoes::pair(), $wipe, $this->then('b', $this->act($action, 'left/vamp'), 'a', Stage::Next));
        }
    }

    public function testSeamsAndBondsComeBeforeFillingAndColour(): void
    {
        $this->broken('O-8', Shoes::pair(), $this->lay(FamilyId::Paint, 'left/vamp'), $this->act(Action::Stitch, 'left/vamp'));
        $this->broken('O-8', Shoes::pair(), $this->lay(FamilyId::Filler, 'left/vamp'), $this->act(Action::Bond, 'left/vamp'));
        $this->kept('O-8', Shoes::pair(), $this->act(Action::Stitch, 'left/vamp'), $this->lay(FamilyId::Paint, 'left/vamp'));
        $this->kept('O-8', Shoes::pair(), $this->lay(FamilyId::Paint, 'right/vamp'), $this->act(Action::Stitch, 'left/vamp'));
    }

    public function testOnlyWhatIsRefinishedIsStripped(): void
    {
        $strip = $this->lay(FamilyId::Deglosser, 'left/vamp');
        $this->broken('O-9', Shoes::pair(), $strip);
        $this->broken('O-9', Shoes::pair(), $strip, $this->lay(FamilyId::Paint, 'left/toe'));
        $this->kept('O-9', Shoes::pair(), $strip, $this->lay(FamilyId::Paint, 'left/vamp'));
        $this->kept('O-9', Shoes::pair(), $this->layWith(Applicator::Bud, FamilyId::Deglosser, 'left/vamp'));
    }

    public function testFillerLiesUnderColourAndIsSandedLayerByLayer(): void
    {
        $fill = $this->lay(FamilyId::Filler, 'left/vamp');
        $sand = $this->act(Action::Sand, 'left/vamp');
        $this->broken('O-10', Shoes::pair(), $this->lay(FamilyId::Paint, 'left/vamp'), $fill);
        $this->broken('O-10', Shoes::pair(), $fill, $fill);
        $this->broken('O-10', Shoes::pair(), $fill, $this->lay(FamilyId::Paint, 'left/vamp'));
        $this->kept('O-10', Shoes::pair(), $fill, $sand, $fill, $sand, $this->lay(FamilyId::Paint, 'left/vamp'));
    }

    public function testAPaleSpotIsBroughtUpBeforeTheWash(): void
    {
        $spot = $this->layWith(Applicator::Bud, FamilyId::DyeSpirit, 'left/vamp');
        $wash = $this->lay(FamilyId::DyeSpirit, 'left/vamp');
        $this->broken('O-17', Shoes::pair(), $wash, $spot);
        $this->kept('O-17', Shoes::pair(), $spot, $spot, $wash);
    }

    public function testACoatOfFilmIsLaidWithinTheWindowOfTheOneBelow(): void
    {
        $paint = $this->lay(FamilyId::Paint, 'left/vamp');
        $this->broken('O-18', Shoes::pair(), $paint->named('a'), $this->then('b', $paint, 'a', Stage::RecoatFrom));
        $this->kept('O-18', Shoes::pair(), $paint->named('a'), $paint->named('b')->bound(new After('a', Stage::RecoatFrom, before: Stage::RecoatUntil)));
        $this->kept('O-18', Shoes::pair(), $paint->named('a'), $paint->named('b')->bound(new After('a', Stage::RecoatFrom, 600.0)));
        $this->kept(
            'O-18',
            Shoes::pair(),
            $this->lay(FamilyId::DyeSpirit, 'left/vamp')->named('a'),
            $this->then('b', $this->lay(FamilyId::DyeSpirit, 'left/vamp'), 'a'),
            $paint->named('c'),
        );
    }

    public function testDyeIsRubbedOffBeforeAnyFinish(): void
    {
        $dye = $this->lay(FamilyId::DyeSpirit, 'left/vamp')->named('a');
        foreach ([FamilyId::Resin, FamilyId::Cream, FamilyId::Conditioner, FamilyId::Repellent] as $finish) {
            $this->broken('O-20', Shoes::pair(), $dye, $this->lay($finish, 'left/vamp'));
            $this->kept('O-20', Shoes::pair(), $dye, $this->act(Action::RubOff, 'left/vamp'), $this->lay($finish, 'left/vamp'));
        }
        $this->kept('O-20', Shoes::pair(), $dye, $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
    }

    public function testTheFirstResistOnDyeIsNotRubbedIn(): void
    {
        $dye = $this->lay(FamilyId::DyeSpirit, 'left/vamp');
        $this->broken('O-21', Shoes::pair(), $dye, $this->lay(FamilyId::Resin, 'left/vamp'));
        $this->kept('O-21', Shoes::pair(), $dye, $this->layWith(Applicator::Brush, FamilyId::Resin, 'left/vamp'));
        $this->kept('O-21', Shoes::pair(), $this->lay(FamilyId::Resin, 'left/vamp'));
    }

    public function testPaintIsSealedBeforeItIsFed(): void
    {
        $paint = $this->lay(FamilyId::Paint, 'left/vamp');
        $feed = $this->lay(FamilyId::Conditioner, 'left/vamp');
        $this->broken('O-22', Shoes::pair(), $paint, $feed);
        $this->kept('O-22', Shoes::pair(), $paint, $this->lay(FamilyId::Topcoat, 'left/vamp'), $feed);
        $this->kept('O-22', Shoes::pair(), $this->layWith(Applicator::Bud, FamilyId::Paint, 'left/vamp'), $feed);
    }

    public function testNothingTakesOnARepellent(): void
    {
        $spray = $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'left/vamp');
        $this->broken('O-25', Shoes::pair(), $spray, $this->lay(FamilyId::Conditioner, 'left/vamp'));
        $this->broken('O-23', Shoes::pair(), $spray, $this->lay(FamilyId::Wax, 'left/vamp'));
        $this->kept('O-25', Shoes::pair(), $this->lay(FamilyId::Conditioner, 'left/vamp'), $spray);
        $this->kept('O-25', Shoes::pair(), $spray, $this->lay(FamilyId::LiningSpray, 'left/lining'));
    }

    public function testTheFirstSideIsTouchDryBeforeTheSecondIsSprayed(): void
    {
        $bag = Shoes::pair(Kind::Tote)->of(Material::Suede);
        $front = $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'whole/front');
        $back = $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'whole/back');
        $this->broken('W-8', $bag, $front, $back);
        $steps = Planner::plan($bag->to(Aim::Freshen)->piece(), Air::reference())->steps;
        $sprayed = array_values(array_filter($steps, static fn (PlannedStep $s): bool => FamilyId::Repellent === $s->step->family));
        self::assertCount(2, $sprayed);
        self::assertSame(Stage::Touch, $sprayed[1]->step->bondTo($sprayed[0]->step->id)?->from);
        self::assertTrue($sprayed[1]->step->touches(Shoes::place('whole/back')) && !$sprayed[1]->step->touches(Shoes::place('whole/front')));
    }

    public function testMetalIsCoveredBeforeSpray(): void
    {
        $spray = $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'left/vamp');
        $this->broken('O-26', Shoes::pair(Kind::LaceBoot), $spray);
        $this->kept('O-26', Shoes::pair(Kind::LaceBoot), $this->act(Action::Mask, 'left/hooks'), $spray);
        $this->kept('O-26', Shoes::pair(), $spray);
        $this->kept('O-26', Shoes::pair(Kind::LaceBoot), $this->lay(FamilyId::Cream, 'left/vamp'));
    }

    public function testTheInsideComesWhenTheOutsideIsDry(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp')->named('a');
        $spray = $this->lay(FamilyId::LiningSpray, 'left/lining')->named('b');
        $this->broken('O-28', Shoes::pair(), $wipe, $spray);
        $this->kept('O-28', Shoes::pair(), $wipe, $spray->bound(new After('a', Stage::Next)));
        $this->kept('O-28', Shoes::pair(), $this->lay(FamilyId::DampCloth, 'right/vamp')->named('a'), $spray);
    }

    public function testSolventMayTouchDelicateLeatherThatIsDyedAnew(): void
    {
        $burnished = Shoes::pair()->of(Material::Burnished);
        $wipe = $this->lay(FamilyId::Alcohol, 'left/vamp');
        $this->broken('C-2', $burnished, $wipe, $this->layWith(Applicator::Bud, FamilyId::DyeSpirit, 'left/vamp'));
        $this->kept('C-2', $burnished, $wipe, $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
        $this->broken('C-2', $burnished, $this->lay(FamilyId::DyeSpirit, 'left/vamp'), $wipe);
    }

    public function testPrintedCanvasIsNeitherSprayedNorSprayedBeside(): void
    {
        $bag = Shoes::pair(Kind::Satchel)->made('whole/front', Material::CoatedCanvas);
        $this->broken('C-3', $bag, $this->lay(FamilyId::Repellent, 'whole/front'));
        $this->broken('C-3', $bag, $this->lay(FamilyId::Oil, 'whole/front'));
        $this->broken('C-3', $bag, $this->lay(FamilyId::Repellent, 'whole/flap'));
        $this->kept('C-3', $bag, $this->act(Action::Mask, 'whole/front'), $this->lay(FamilyId::Repellent, 'whole/flap'));
        $this->kept('C-3', $bag, $this->lay(FamilyId::CleanerNeutral, 'whole/front'));
        $this->broken('O-15', $bag, $this->lay(FamilyId::DyeSpirit, 'whole/flap'));
    }

    public function testLightSeamsAreCoveredThoughTheirPartIsWorkedOn(): void
    {
        $seamed = Shoes::pair()->made('left/welt', Material::LeatherEdge)->flagged('left/vamp', Flag::ContrastStitching);
        $dye = $this->lay(FamilyId::DyeSpirit, 'left/vamp');
        $this->broken('O-15', $seamed, $dye);
        $this->kept('O-15', $seamed, $this->act(Action::Mask, 'left/vamp'), $dye);
        $this->kept(
            'O-27',
            $seamed,
            $this->act(Action::Mask, 'left/vamp'),
            $dye,
            $this->act(Action::Unmask, 'left/vamp')->named('c')->bound(new After('', before: Stage::Touch)),
        );
        $this->broken('O-27', $seamed, $this->act(Action::Mask, 'left/vamp'), $dye, $this->act(Action::HandOver, 'left/vamp'));
    }

    public function testRoughOutTakesThinCreamAndNoWax(): void
    {
        $rough = Shoes::pair(Kind::FieldBoot)->of(Material::RoughOut);
        $this->broken('C-4', $rough, $this->lay(FamilyId::HeavyWax, 'left/vamp'));
        $this->broken('C-4', $rough, $this->lay(FamilyId::Oil, 'left/vamp'));
        $this->kept('C-4', $rough, $this->lay(FamilyId::Cream, 'left/vamp'));
    }

    public function testWhatHasToGripIsNeitherFedNorPolished(): void
    {
        $boots = Shoes::pair(Kind::RidingBoot);
        foreach ([FamilyId::Conditioner, FamilyId::Wax, FamilyId::Shine, FamilyId::Oil, FamilyId::Cream] as $slippery) {
            $this->broken('C-5', $boots, $this->lay($slippery, 'left/inner-leg'));
            $this->kept('C-5', $boots, $this->lay($slippery, 'left/shaft'));
        }
        $this->kept('C-5', $boots, $this->lay(FamilyId::GripSafeProtector, 'left/inner-leg'));
        $this->broken('C-5', Shoes::pair()->flagged('left/vamp', Flag::GripSurface), $this->lay(FamilyId::Wax, 'left/vamp'));
        $this->broken('C-5', Shoes::pair(Kind::OnePieceSuit)->of(Material::RacingHide), $this->lay(FamilyId::Conditioner, 'whole/sleeves'));
        $this->broken('H-7', $boots, $this->lay(FamilyId::Paint, 'left/outsole'));
        $this->kept('H-7', $boots, $this->lay(FamilyId::Paint, 'left/shaft'));
    }

    public function testNaturalLeatherIsNeverDampedInOneSpot(): void
    {
        $natural = Shoes::pair(Kind::Satchel)->of(Material::VegTan);
        $this->broken('C-6', $natural, $this->layWith(Applicator::Bud, FamilyId::DampCloth, 'whole/flap'));
        $this->kept('C-6', $natural, $this->lay(FamilyId::DampCloth, 'whole/flap'));
        $this->kept('C-6', Shoes::pair(), $this->layWith(Applicator::Bud, FamilyId::DampCloth, 'left/vamp'));
    }

    public function testNothingIsSprayedIntoHoles(): void
    {
        $holed = Shoes::pair()->flagged('left/vamp', Flag::Perforated);
        $this->broken('C-7', $holed, $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'left/vamp'));
        $this->broken('C-7', $holed, $this->layWith(Applicator::Airbrush, FamilyId::Paint, 'left/vamp'));
        $this->kept('C-7', $holed, $this->layWith(Applicator::Pad, FamilyId::Repellent, 'left/vamp'));
        $this->kept('C-7', $holed, $this->layWith(Applicator::SprayCan, FamilyId::Repellent, 'left/quarter'));
    }

    public function testScalesTakeTheLightCreamAlone(): void
    {
        foreach ([Material::ReptileMatt, Material::ReptileGlazed] as $scales) {
            $shoes = Shoes::pair()->of($scales);
            foreach ([FamilyId::Cream, FamilyId::Wax, FamilyId::Oil, FamilyId::Conditioner, FamilyId::CleanerNeutral, FamilyId::Soap] as $family) {
                $this->broken('C-8', $shoes, $this->lay($family, 'left/vamp'));
            }
            $this->kept('C-8', $shoes, $this->lay(FamilyId::ConditionerLight, 'left/vamp'));
            $this->kept('C-8', $shoes, $this->lay(FamilyId::DampCloth, 'left/vamp'));
        }
    }

    public function testNapIsRaisedBeforeItIsHandedOver(): void
    {
        $suede = Shoes::pair()->of(Material::Suede);
        $wet = $this->lay(FamilyId::SuedeCleaner, 'left/vamp');
        $give = $this->act(Action::HandOver, 'left/vamp');
        $this->broken('C-9', $suede, $wet, $give);
        $this->kept('C-9', $suede, $wet, $this->act(Action::RaiseNap, 'left/vamp'), $give);
        $this->kept('C-9', Shoes::pair(), $wet, $give);
    }

    public function testWhatComesApartInWaterIsNeverMachineWashed(): void
    {
        $wash = $this->lay(FamilyId::Wash, 'left/vamp');
        $this->kept('C-10', Shoes::pair(Kind::SkateTrainer)->of(Material::Textile)->made('left/lining', Material::Textile), $wash);
        foreach ([Flag::LeatherLined, Flag::MetalShank, Flag::GluedSole] as $flag) {
            $this->broken('C-10', Shoes::pair(Kind::SkateTrainer)->of(Material::Textile)->flagged('left/vamp', $flag), $wash);
        }
        $this->broken('C-10', Shoes::pair(Kind::SkateTrainer)->of(Material::Textile)->with('left/midsole', FindingKind::SoleParting), $wash);
        $this->broken('C-10', Shoes::pair()->made('left/toe', Material::VegTan), $wash);
        $this->broken('C-10', Shoes::pair(Kind::Jacket), $this->lay(FamilyId::Wash, 'whole/body'));
    }

    public function testSomeThingsAreNeverSanded(): void
    {
        $sand = $this->act(Action::Sand, 'left/vamp');
        foreach ([Material::Aniline, Material::Patent, Material::ReptileMatt, Material::Suede] as $material) {
            $this->broken('C-11', Shoes::pair()->of($material), $sand);
        }
        $this->kept('C-11', Shoes::pair(), $sand);
        $this->kept('C-11', Shoes::pair()->of(Material::Aniline), $sand, $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
        $heel = $this->act(Action::Sand, 'left/heel-stack');
        $this->kept('C-11', Shoes::pair(), $heel);
        $this->broken('C-11', Shoes::pair()->made('left/heel-stack', Material::PlasticStack), $heel);
        $this->broken('C-11', Shoes::pair()->tried('left/heel-stack', Trial::HeelStack, Outcome::PrintedSkin), $heel);
    }

    public function testSiliconeIsStrippedBeforePaint(): void
    {
        $shoes = Shoes::pair()->with('left/vamp', FindingKind::Silicone);
        $paint = $this->lay(FamilyId::Paint, 'left/vamp');
        $this->broken('C-15', $shoes, $this->lay(FamilyId::Alcohol, 'left/vamp'), $paint);
        $this->kept('C-15', $shoes, $this->lay(FamilyId::SolventMild, 'left/vamp'), $paint);
        $this->kept('C-15', Shoes::pair(), $paint);
    }

    public function testPatentIsNotPolished(): void
    {
        $patent = Shoes::pair()->of(Material::Patent);
        $this->broken('C-16', $patent, $this->lay(FamilyId::Wax, 'left/vamp'));
        $this->broken('C-16', $patent, $this->lay(FamilyId::Repellent, 'left/vamp'));
        $this->kept('C-16', $patent, $this->lay(FamilyId::CleanerNeutral, 'left/vamp'));
    }

    public function testFreshCementIsLeftForADay(): void
    {
        $glue = $this->lay(FamilyId::Cement, 'left/sole-edge')->named('a');
        $feed = $this->lay(FamilyId::Conditioner, 'left/sole-edge')->named('b');
        $this->broken('C-17', Shoes::pair(), $glue, $feed->bound(new After('a', Stage::Next)));
        $this->kept('C-17', Shoes::pair(), $glue, $feed->bound(new After('a', Stage::Full)));
        $this->broken('C-17', Shoes::pair(), $glue, $this->lay(FamilyId::Alcohol, 'left/sole-edge'));
    }

    public function testABleedingLeatherStaysDry(): void
    {
        $jacket = Shoes::pair(Kind::Jacket)->of(Material::SheepNappa);
        $wipe = $this->lay(FamilyId::CleanerNeutral, 'whole/body');
        $this->kept('C-18', $jacket, $wipe);
        $this->broken('C-18', $jacket->tried('whole/body', Trial::WhiteCloth, Outcome::ColourOffDamp), $wipe);
    }

    public function testWhatAHiddenTrialHasSpoiltIsNotLaid(): void
    {
        $cream = $this->lay(FamilyId::Cream, 'left/vamp');
        $this->broken('T-7', Shoes::pair()->tried('left/vamp', Trial::Product, Outcome::Dulls, FamilyId::Cream), $cream);
        $this->kept('T-7', Shoes::pair()->tried('left/vamp', Trial::Product, Outcome::DarkensReturns, FamilyId::Cream), $cream);
        $this->kept('T-7', Shoes::pair()->tried('left/vamp', Trial::Product, Outcome::Dulls, FamilyId::Wax), $cream);
        $lifts = Shoes::pair()->tried('left/vamp', Trial::AlcoholBud, Outcome::ColourLifts);
        $this->broken('T-7', $lifts, $this->lay(FamilyId::Alcohol, 'left/vamp'));
        $this->kept('T-7', $lifts, $this->lay(FamilyId::Alcohol, 'left/vamp'), $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
        $this->kept('C-1', Shoes::pair()->of(Material::Aniline)->tried('left/vamp', Trial::Product, Outcome::NoChange, FamilyId::Cream), $cream);
    }

    public function testCementJoinsOnlyInItsOpenTime(): void
    {
        $glue = $this->lay(FamilyId::Cement, 'left/sole-edge')->named('a');
        $join = $this->act(Action::Bond, 'left/sole-edge')->named('b');
        $this->broken('W-9', Shoes::pair(), $join);
        $this->broken('W-9', Shoes::pair(), $glue, $join);
        $this->broken('W-9', Shoes::pair(), $glue, $join->bound(new After('a', Stage::Touch, 90.0)));
        $this->kept('W-9', Shoes::pair(), $glue, $join->bound(new After('a', Stage::Touch, 40.0)));
    }

    public function testFilmThatWouldCrackWhereItBendsIsNotLaid(): void
    {
        $brush = $this->layWith(Applicator::Brush, FamilyId::Paint, 'left/vamp');
        $this->kept('J-4', Shoes::pair(), $brush, $brush, $brush, $brush);
        $this->broken('J-4', Shoes::pair(), $brush, $brush, $brush, $brush, $brush);
        $this->kept('J-4', Shoes::pair(), ...array_fill(0, 5, $this->layWith(Applicator::Brush, FamilyId::Paint, 'left/toe')));
        $spray = $this->layWith(Applicator::Airbrush, FamilyId::Paint, 'left/vamp');
        $this->kept('J-4', Shoes::pair(), ...array_fill(0, 14, $spray));
    }

    public function testNoIronNearSolventThatHasNotFlashedOff(): void
    {
        $wipe = $this->lay(FamilyId::SolventMild, 'left/quarter')->named('a');
        $iron = $this->act(Action::IronCrease, 'left/vamp')->named('b');
        $this->broken('H-3', Shoes::pair(), $wipe, $iron);
        $this->kept('H-3', Shoes::pair(), $wipe, $iron->bound(new After('a', Stage::Next)));
        $this->kept('H-3', Shoes::pair(), $this->lay(FamilyId::DampCloth, 'left/quarter')->named('a'), $iron);
    }

    public function testAcidAndOxidiserNeverMeet(): void
    {
        $salt = $this->lay(FamilyId::SaltWash, 'left/sole-edge')->named('a');
        $bleach = $this->lay(FamilyId::Peroxide, 'left/sole-edge')->named('b');
        $this->broken('H-8', Shoes::pair(), $salt, $bleach);
        $this->kept('H-8', Shoes::pair(), $salt, $this->lay(FamilyId::DampCloth, 'left/sole-edge'), $bleach);
    }

    public function testAPlanWithoutAHandOverIsStillHeldToWhatHoldsAtTheEnd(): void
    {
        $this->broken('J-7', Shoes::pair(), $this->lay(FamilyId::Cream, 'left/vamp'));
        $this->broken('C-9', Shoes::pair()->of(Material::Suede), $this->lay(FamilyId::SuedeCleaner, 'left/vamp'));
        $this->broken('O-27', Shoes::pair(), $this->act(Action::Mask, 'left/welt'));
        $this->kept('O-29', Shoes::pair()->to(Aim::Keep), $this->lay(FamilyId::Conditioner, 'left/vamp'));
    }
}
