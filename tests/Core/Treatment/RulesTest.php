<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;

/** Each rule both ways: what it stops, and what it lets pass. */
final class RulesTest extends RuleTestCase
{
    public function testPicturesComeBeforeAnythingWet(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp');
        $this->broken('O-1', Shoes::pair(), $wipe);
        $this->kept('O-1', Shoes::pair(), $this->act(Action::Photograph, 'left/vamp'), $wipe);
    }

    public function testLacesAndInsolesComeOffBeforeCleaning(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp');
        $this->broken('O-2', Shoes::pair(), $wipe);
        $this->kept('O-2', Shoes::pair(), $this->act(Action::TakeApart, 'left/laces', 'left/insole'), $wipe);
    }

    public function testACreasedShoeGetsItsTreeBeforeItIsCleaned(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp');
        $creased = Shoes::pair()->with('left/vamp', FindingKind::Crease);
        $this->broken('O-3', $creased, $wipe);
        $this->kept('O-3', $creased, $this->act(Action::Tree, 'left/vamp'), $wipe);
        $this->kept('O-3', Shoes::pair(), $wipe);
    }

    public function testLooseDirtComesOffDryBeforeAnyCloth(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp');
        $this->broken('O-4', Shoes::pair(), $this->act(Action::DustOff, 'right/vamp'), $wipe);
        $this->kept('O-4', Shoes::pair(), $this->act(Action::DustOff, 'left/vamp'), $wipe);
    }

    public function testTheGentlestCleanerComesFirst(): void
    {
        $clean = $this->lay(FamilyId::CleanerCream, 'left/vamp');
        $this->broken('O-5', Shoes::pair(), $clean);
        $this->kept('O-5', Shoes::pair(), $this->lay(FamilyId::DampCloth, 'left/vamp'), $clean);
    }

    public function testWetLeatherDriesBeforeItIsFed(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp')->named('a');
        $feed = $this->lay(FamilyId::Conditioner, 'left/vamp')->named('b');
        $this->broken('O-7', Shoes::pair(), $wipe, $feed);
        $this->broken('O-7', Shoes::pair(), $wipe, $feed->bound(new After('a', Stage::Touch)));
        $this->kept('O-7', Shoes::pair(), $wipe, $feed->bound(new After('a', Stage::Next)));
        $this->kept('O-7', Shoes::pair(), $wipe, $this->lay(FamilyId::Conditioner, 'right/vamp'));
    }

    public function testTheSameProductMayFollowSoonerThanAnother(): void
    {
        $cream = $this->lay(FamilyId::Cream, 'left/vamp')->named('a');
        $after = new After('a', Stage::RecoatFrom);
        $this->broken('W-1', Shoes::pair(), $cream, $this->lay(FamilyId::Cream, 'left/vamp')->named('b'));
        $this->kept('W-1', Shoes::pair(), $cream, $this->lay(FamilyId::Cream, 'left/vamp')->named('b')->bound($after));
        $this->broken('W-1', Shoes::pair(), $cream, $this->lay(FamilyId::Wax, 'left/vamp')->named('b')->bound($after));
        $this->kept('W-1', Shoes::pair(), $cream, $this->lay(FamilyId::Wax, 'left/vamp')->named('b')->bound(new After('a', Stage::Next)));
        $this->broken('W-1', Shoes::pair(), $cream, $this->act(Action::Buff, 'left/vamp')->named('b'));
        $this->kept('W-1', Shoes::pair(), $cream, $this->act(Action::Buff, 'left/vamp')->named('b')->bound(new After('a', Stage::Touch)));
    }

    public function testNoFatLiesUnderAFilm(): void
    {
        $dress = $this->lay(FamilyId::EdgeDressing, 'left/heel-stack')->named('b');
        $this->broken('O-13', Shoes::pair(), $dress);
        $this->kept('O-13', Shoes::pair(), $this->lay(FamilyId::Alcohol, 'left/heel-stack')->named('a'), $dress);
        $this->broken(
            'O-13',
            Shoes::pair(),
            $this->lay(FamilyId::Alcohol, 'left/heel-stack')->named('a'),
            $this->lay(FamilyId::Conditioner, 'left/heel-stack')->named('c'),
            $dress,
        );
    }

    public function testAFilmFollowsDegreasingWithinTheHour(): void
    {
        $degrease = $this->lay(FamilyId::Alcohol, 'left/heel-stack')->named('a');
        $dress = $this->lay(FamilyId::EdgeDressing, 'left/heel-stack')->named('b');
        $this->broken('O-12', Shoes::pair(), $dress);
        $this->broken('O-12', Shoes::pair(), $degrease, $dress);
        $this->broken('O-12', Shoes::pair(), $degrease, $dress->bound(new After('a', Stage::Next, 90.0)));
        $this->kept('O-12', Shoes::pair(), $degrease, $dress->bound(new After('a', Stage::Next, 60.0)));
        $second = $this->lay(FamilyId::EdgeDressing, 'left/heel-stack')->named('c');
        $this->kept('O-12', Shoes::pair(), $degrease, $dress->bound(new After('a', Stage::Next, 60.0)), $second);
    }

    public function testABareWeltIsMaskedBesideDressing(): void
    {
        $dress = $this->lay(FamilyId::EdgeDressing, 'left/sole-edge');
        $this->broken('O-15', Shoes::pair(), $dress);
        $this->kept('O-15', Shoes::pair(), $this->act(Action::Mask, 'left/welt'), $dress);
        $stained = Shoes::pair()->made('left/welt', Material::LeatherEdge);
        $this->kept('O-15', $stained, $dress);
        $this->broken('O-15', $stained->flagged('left/welt', Flag::ContrastStitching), $dress);
    }

    public function testBothHalvesGetACoatBeforeEitherGetsTheNext(): void
    {
        $left = $this->lay(FamilyId::Cream, 'left/vamp');
        $this->broken('O-19', Shoes::pair(), $left, $left);
        $this->kept('O-19', Shoes::pair(), $left, $this->lay(FamilyId::Cream, 'right/vamp'), $left);
        $this->kept('O-19', Shoes::pair()->made('right/vamp', Material::Burnished), $left, $left);
    }

    public function testCreamComesBeforeWax(): void
    {
        $wax = $this->lay(FamilyId::Wax, 'left/vamp');
        $cream = $this->lay(FamilyId::Cream, 'left/vamp');
        $this->broken('O-23', Shoes::pair(), $wax, $cream);
        $this->kept('O-23', Shoes::pair(), $cream, $wax);
    }

    public function testEdgesAreDressedAfterTheUpperIsColoured(): void
    {
        $dress = $this->lay(FamilyId::EdgeDressing, 'left/sole-edge');
        $cream = $this->lay(FamilyId::Cream, 'left/vamp');
        $this->broken('O-24', Shoes::pair(), $dress, $cream);
        $this->kept('O-24', Shoes::pair(), $cream, $dress);
        $this->kept('O-24', Shoes::pair(), $dress, $this->lay(FamilyId::Cream, 'right/vamp'));
    }

    public function testTapeComesOffWhileTheEdgeIsSoftOrFullyCured(): void
    {
        $mask = $this->act(Action::Mask, 'left/welt')->named('a');
        $dress = $this->lay(FamilyId::EdgeDressing, 'left/sole-edge')->named('b');
        $pull = $this->act(Action::Unmask, 'left/welt')->named('c');
        $this->broken('O-27', Shoes::pair(), $mask, $dress, $pull);
        $this->broken('O-27', Shoes::pair(), $mask, $dress, $pull->bound(new After('b', Stage::Next)));
        $this->kept('O-27', Shoes::pair(), $mask, $dress, $pull->bound(new After('b', before: Stage::Touch)));
        $this->kept('O-27', Shoes::pair(), $mask, $dress, $pull->bound(new After('b', Stage::Full)));
        $this->broken('O-27', Shoes::pair(), $mask, $this->act(Action::HandOver, 'left/welt'));
    }

    public function testLacesGoInWhenTheOutsideIsDryAndNothingIsLaidAfter(): void
    {
        $wax = $this->lay(FamilyId::Wax, 'left/vamp')->named('a');
        $lace = $this->act(Action::PutTogether, 'left/laces')->named('b');
        $this->broken('O-28', Shoes::pair(), $wax, $lace);
        $this->kept('O-28', Shoes::pair(), $wax, $lace->bound(new After('a', Stage::Next)));
        $this->broken('O-28', Shoes::pair(), $lace, $wax);
    }

    public function testNothingSoftIsHandedOver(): void
    {
        $wax = $this->lay(FamilyId::Wax, 'left/vamp')->named('a');
        $give = $this->act(Action::HandOver, 'left/vamp')->named('b');
        $this->broken('O-29', Shoes::pair(), $wax, $give->bound(new After('a', Stage::Next)));
        $this->kept('O-29', Shoes::pair(), $wax, $give->bound(new After('a', Stage::Full)));
    }

    public function testDelicateLeatherIsTriedOutOfSightAndJudgedDry(): void
    {
        $aniline = Shoes::pair()->of(Material::Aniline);
        $trial = Step::trial([Shoes::place('left/vamp')], [FamilyId::Cream])->named('a');
        $cream = $this->lay(FamilyId::Cream, 'left/vamp')->named('b');
        $this->broken('C-1', $aniline, $cream);
        $this->broken('C-1', $aniline, $trial, $cream);
        $this->kept('C-1', $aniline, $trial, $cream->bound(new After('a', Stage::Next)));
        $this->broken('C-1', $aniline, $trial, $this->lay(FamilyId::Wax, 'left/vamp')->named('c')->bound(new After('a', Stage::Next)));
        $this->kept('C-1', Shoes::pair(), $cream);
        $this->broken('C-1', Shoes::pair()->of(Material::Pigmented, Certainty::Guess), $cream);
    }

    public function testNoSolventOnLeatherThatLosesItsColour(): void
    {
        $strip = $this->lay(FamilyId::SolventMild, 'left/vamp');
        $this->broken('C-2', Shoes::pair()->of(Material::Burnished), $strip);
        $this->broken('C-2', Shoes::pair()->of(Material::Aniline), $this->lay(FamilyId::Alcohol, 'left/vamp'));
        $this->kept('C-2', Shoes::pair(), $strip);
    }

    public function testNoFatOnNap(): void
    {
        $suede = Shoes::pair()->made('left/vamp', Material::Suede);
        $this->broken('C-4', $suede, $this->lay(FamilyId::Conditioner, 'left/vamp'));
        $this->kept('C-4', $suede, $this->lay(FamilyId::DampCloth, 'left/vamp'));
    }

    public function testNoMoreThanTwoLayersOfWaxWhereItFlexes(): void
    {
        $flexing = $this->lay(FamilyId::Wax, 'left/vamp');
        $firm = $this->lay(FamilyId::Wax, 'left/toe');
        $this->kept('J-4', Shoes::pair(), $flexing, $flexing);
        $this->broken('J-4', Shoes::pair(), $flexing, $flexing, $flexing);
        $this->kept('J-4', Shoes::pair(), ...array_fill(0, 6, $firm));
        $this->broken('J-4', Shoes::pair(), ...array_fill(0, 7, $firm));
    }

    public function testBrittleLeatherIsLeftAlone(): void
    {
        $wipe = $this->lay(FamilyId::DampCloth, 'left/vamp');
        $this->broken('J-6', Shoes::pair()->dry('left/vamp', Dryness::Brittle), $wipe);
        $this->broken('J-6', Shoes::pair()->with('left/vamp', FindingKind::RedRot, 3), $wipe);
        $this->kept('J-6', Shoes::pair()->dry('left/vamp', Dryness::Stiff), $wipe);
    }

    public function testAPairIsNotHandedOverWithOneHalfColouredMore(): void
    {
        $left = $this->lay(FamilyId::Cream, 'left/vamp');
        $give = $this->act(Action::HandOver, 'left/vamp');
        $this->broken('J-7', Shoes::pair(), $left, $give);
        $this->kept('J-7', Shoes::pair(), $left, $this->lay(FamilyId::Cream, 'right/vamp'), $give);
    }

    public function testEveryRuleSaysWhyInOneSentenceAndSpeaksOfEachThingOnce(): void
    {
        $numbers = [];
        foreach (glob(\dirname(__DIR__, 3).'/core/Treatment/Rule/*.php') ?: [] as $file) {
            $class = 'KindHeel\\Core\\Treatment\\Rule\\'.basename($file, '.php');
            self::assertTrue(class_exists($class));
            $rule = Rule::of($class);
            self::assertMatchesRegularExpression('/^[A-Z].{15,120}\.$/u', $rule->because);
            self::assertSame($rule->because, RuleBook::because($rule->number), $rule->number.' is not in the rule book');
            $numbers[] = $rule->number;
        }
        self::assertSame($numbers, array_unique($numbers));
        self::assertGreaterThan(25, \count($numbers));
    }
}
