<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Step;
use PHPUnit\Framework\TestCase;

/** What is said, and the small values that say it. */
final class WordsTest extends TestCase
{
    public function testListsAndPartsReadAsPeopleSpeak(): void
    {
        self::assertSame('toe', Phrase::list(['toe']));
        self::assertSame('toe and vamp', Phrase::list(['toe', 'vamp']));
        self::assertSame('toe, vamp and heel stack', Phrase::list(['toe', 'vamp', 'heel stack']));
        self::assertSame('', Phrase::list([]));
        $both = [Shoes::place('left/toe'), Shoes::place('right/toe'), Shoes::place('left/heel-stack')];
        self::assertSame('toe and heel stack', PlaceWords::parts($both));
        self::assertSame(['both', 'left'], [PlaceWords::halves($both), PlaceWords::halves([Shoes::place('left/toe')])]);
        $uppers = array_map(
            static fn (PartName $p) => Shoes::place('left/'.$p->value),
            array_filter(PartName::cases(), static fn (PartName $p): bool => $p->isOuter()),
        );
        self::assertSame('upper and welt', PlaceWords::parts([...array_values($uppers), Shoes::place('left/welt')]));
        self::assertSame('upper is', PlaceWords::partsAre(array_values($uppers)));
        self::assertSame('vamp is', PlaceWords::partsAre([Shoes::place('left/vamp')]));
        self::assertSame('laces are', PlaceWords::partsAre([Shoes::place('left/laces')]));
        self::assertSame('toe and vamp are', PlaceWords::partsAre([Shoes::place('left/toe'), Shoes::place('left/vamp')]));
    }

    public function testEveryPlanOfEveryKindSpeaksInSentences(): void
    {
        foreach (Kind::cases() as $kind) {
            foreach (Gloss::cases() as $gloss) {
                $first = Shoes::first($kind);
                $piece = Shoes::pair($kind)
                    ->of(Material::Aniline)
                    ->to(Aim::Restore, $gloss)
                    ->with($first, FindingKind::Faded, 3)
                    ->dry($first, Dryness::Stiff)
                    ->piece();
                foreach (Planner::plan($piece, Air::reference())->steps as $step) {
                    self::assertMatchesRegularExpression('/^\p{Lu}[^.]+$/u', $step->title);
                    self::assertMatchesRegularExpression('/^\p{Lu}.+\.$/u', $step->how, $step->title);
                    self::assertMatchesRegularExpression('/^\p{Lu}.+\.$/u', $step->why, $step->title);
                    self::assertSame(null !== $step->step->dryingFamily(), null !== $step->gate, $step->title.': what dries has a test');
                    self::assertNotSame('', $step->where);
                }
            }
        }
    }

    public function testVocabularyIsCompleteAndSpeaks(): void
    {
        foreach (FindingKind::cases() as $kind) {
            self::assertContains($kind->group(), FindingGroup::cases());
            self::assertMatchesRegularExpression('/^[a-z][a-z\- ]+$/', $kind->label());
        }
        self::assertCount(49, FindingKind::cases());
        foreach ([...Material::cases()] as $material) {
            self::assertNotSame('', $material->label().$material->sign());
        }
        foreach (Severity::cases() as $severity) {
            self::assertNotSame('', $severity->label());
        }
        self::assertTrue(Severity::FirstThingSeen->atLeast(Severity::AtArmsLength));
        self::assertFalse(Severity::None->atLeast(Severity::OnlyWhenLookedFor));
        foreach (Aim::cases() as $aim) {
            self::assertStringEndsWith('.', $aim->meaning());
            self::assertSame(!\in_array($aim, [Aim::Keep, Aim::WorkProof], true), $aim->addsColour());
        }
        foreach (Dryness::cases() as $dryness) {
            self::assertNotSame('', $dryness->sign());
        }
    }

    public function testOfTwoBondsToOneStepTheStricterHolds(): void
    {
        $step = Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Cloth, [Shoes::place('left/toe')])
            ->bound(new After('a', Stage::Touch, 90.0))
            ->bound(new After('b'))
            ->bound(new After('a', Stage::Next, 60.0))
            ->bound(new After('a'));
        self::assertCount(2, $step->after);
        $bond = $step->bondTo('a');
        self::assertNotNull($bond);
        self::assertSame([Stage::Next, 60.0], [$bond->from, $bond->withinMinutes]);
        self::assertTrue($bond->covers(Stage::Touch));
        self::assertFalse($bond->covers(Stage::Full));
        self::assertFalse($step->bondTo('b')?->covers(Stage::Touch));
        self::assertNull($step->bondTo('c'));
    }

    public function testATrialDriesAsTheSlowestThatItTried(): void
    {
        $at = [Shoes::place('left/vamp')];
        self::assertSame(FamilyId::Conditioner, Step::trial($at, [FamilyId::DampCloth, FamilyId::Conditioner])->dryingFamily());
        self::assertSame(FamilyId::DampCloth, Step::trial($at, [FamilyId::DampCloth])->dryingFamily());
        self::assertNull(Step::lay(Phase::DryClean, FamilyId::Brush, Applicator::Brush, $at)->dryingFamily());
    }
}
