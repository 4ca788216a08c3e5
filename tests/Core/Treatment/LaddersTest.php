<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Planning\Kit;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Supplies;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The score of named pieces: a few facts each, and the course of work that follows from them. */
final class LaddersTest extends TestCase
{
    /** @return iterable<string, array{Shoes, string, string}> a piece, a place, what is done there in order */
    public static function courses(): iterable
    {
        yield 'the lamplighter’s muddy derbies, ground-in dirt seen first' => [
            Shoes::pair()->to(Aim::Keep)->with('left/vamp', FindingKind::Mud, 2)->with('left/vamp', FindingKind::GroundInDirt, 3),
            'left/vamp', 'tree dust-off damp-cloth cleaner-neutral gate foam-cleaner gate alcohol conditioner buff tree-out',
        ];
        yield 'the gravedigger’s waxy work boots, filthy' => [
            Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->to(Aim::WorkProof)->with('left/vamp', FindingKind::GroundInDirt, 3),
            'left/vamp', 'tree dust-off damp-cloth soap conditioner buff heavy-wax tree-out',
        ];
        yield 'the dancer’s suede court shoes, matted and stained' => [
            Shoes::pair(Kind::Court)->of(Material::Suede)->with('left/vamp', FindingKind::FlatNap, 2)->with('left/vamp', FindingKind::GroundInDirt, 3),
            'left/vamp', 'tree dust-off erase suede-cleaner raise-nap repellent raise-nap tree-out',
        ];
        yield 'the conspirator’s burnished boots with a bleached spot' => [
            Shoes::pair(Kind::Chelsea)->of(Material::Burnished)->to(Aim::Restore, Gloss::Matt)->with('left/vamp', FindingKind::BleachedSpot, 3),
            'left/vamp',
            'read-colour tree dust-off damp-cloth alcohol dye-spirit dye-spirit dye-spirit dye-spirit '
                .'rub-off resin resin conditioner cream buff tree-out read-colour',
        ];
        yield 'her right boot, which has no spot, gets the wash all the same' => [
            Shoes::pair(Kind::Chelsea)->of(Material::Burnished)->to(Aim::Restore, Gloss::Matt)->with('left/vamp', FindingKind::BleachedSpot, 3),
            'right/vamp',
            'read-colour tree dust-off damp-cloth alcohol dye-spirit dye-spirit rub-off resin resin conditioner cream buff tree-out read-colour',
        ];
        yield 'the prompter’s satchel, gouged to a millimetre' => [
            Shoes::pair(Kind::Satchel)->to(Aim::Restore, Gloss::Matt)->measured('whole/front', FindingKind::Gouge, 3, 20.0, 4.0, 1.0),
            'whole/front',
            'tree dust-off damp-cloth alcohol filler sand dust-off alcohol filler sand dust-off alcohol paint paint topcoat cream buff',
        ];
        yield 'the postman’s trainers, yellow at the midsole' => [
            Shoes::pair(Kind::SkateTrainer)->of(Material::Textile)->with('left/midsole', FindingKind::YellowedRubber, 3),
            'left/midsole', 'dust-off damp-cloth foam-cleaner sand dust-off peroxide damp-cloth',
        ];
        yield 'the ferryman’s boots, their sole parting' => [
            Shoes::pair(Kind::LaceBoot)->to(Aim::Keep)->with('left/sole-edge', FindingKind::SoleParting, 3),
            'left/sole-edge', 'dust-off damp-cloth sand dust-off alcohol cement bond unclamp',
        ];
        yield 'the page’s patent pumps' => [
            Shoes::pair(Kind::Court)
                ->of(Material::Patent)
                ->to(Aim::Restore)
                ->with('left/vamp', FindingKind::Scuff, 3)
                ->with('left/vamp', FindingKind::ColourTransfer, 1),
            'left/vamp',
            'tree dust-off damp-cloth gate cleaner-neutral tree-out',
        ];
        yield 'the snake-charmer’s clutch, its scales lifting' => [
            Shoes::pair(Kind::Clutch)->of(Material::ReptileMatt)->with('whole/front', FindingKind::LiftedScales, 2),
            'whole/front', 'tree dust-off conditioner-light buff',
        ];
        yield 'the groom’s riding boots: what grips the horse' => [
            Shoes::pair(Kind::RidingBoot)->dry('left/inner-leg', Dryness::Thirsty),
            'left/inner-leg', 'tree dust-off damp-cloth grip-safe-protector tree-out',
        ];
        yield 'the aviator’s jacket, salt at the collar' => [
            Shoes::pair(Kind::Jacket)->of(Material::SheepNappa)->to(Aim::Keep)->with('whole/collar', FindingKind::SweatSalt, 2),
            'whole/collar', 'tree dust-off damp-cloth salt-wash',
        ];
        yield 'greasy aniline is drawn, not rubbed' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Keep, Gloss::Matt)->with('left/vamp', FindingKind::BodyGrease, 2),
            'left/vamp', 'tree dust-off poultice dust-off cleaner-cream gate cleaner-neutral tree-out',
        ];
    }

    #[DataProvider('courses')]
    public function testTheCourseOfWork(Shoes $shoes, string $place, string $expected): void
    {
        $skip = ['take-apart', 'photograph', 'put-together', 'hand-over', 'mask', 'unmask'];
        $course = [];
        foreach ($this->plan($shoes)->steps as $planned) {
            if ($planned->step->touches(Shoes::place($place)) && !\in_array($planned->step->what(), $skip, true)) {
                $course[] = $planned->step->what();
            }
        }
        $told = implode(' ', $course);
        self::assertSame($expected, str_contains($expected, 'read-colour') ? $told : str_replace('read-colour ', '', $told));
    }

    public function testAWhiteBaseComesUnderAColourThatHidesWeakly(): void
    {
        $phases = fn (Shade $shade): array => array_map(
            static fn (PlannedStep $s): string => $s->step->phase->value.' '.$s->title,
            array_filter(
                $this->plan(Shoes::pair()->to(Aim::Restore)->shade('left/vamp', $shade)->shade('right/vamp', $shade)->with('left/vamp', FindingKind::Faded, 3))
                    ->steps,
                static fn (PlannedStep $s): bool => FamilyId::Paint === $s->step->family,
            ),
        );
        self::assertContains('base Lay a white base', $phases(Shade::CherryRed));
        self::assertNotContains('base Lay a white base', $phases(Shade::Chestnut));
    }

    public function testFillerLiesInLayersOfHalfAMillimetreEachSanded(): void
    {
        foreach ([[0.3, 1], [0.5, 1], [0.6, 2], [1.4, 3]] as [$depth, $layers]) {
            $steps = $this->plan(Shoes::pair()->to(Aim::Restore)->measured('left/toe', FindingKind::Gouge, 2, 10.0, 3.0, $depth))->steps;
            self::assertCount($layers, array_filter($steps, static fn (PlannedStep $s): bool => FamilyId::Filler === $s->step->family), (string) $depth);
        }
    }

    public function testWhatWasRefusedIsNamedWithItsRule(): void
    {
        $refused = static fn (Plan $plan): array => array_map(static fn ($r): string => $r->rule.' '.$r->what.' '.$r->at->key, $plan->refused);
        self::assertContains(
            'C-2 solvent-mild left/vamp',
            $refused($this->plan(Shoes::pair()->of(Material::Burnished)->with('left/vamp', FindingKind::Tar, 2))),
        );
        self::assertContains(
            'C-8 paint left/vamp',
            $refused($this->plan(Shoes::pair(Kind::Court)->of(Material::ReptileMatt)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3))),
        );
        self::assertContains('C-5 conditioner left/inner-leg', $refused($this->plan(Shoes::pair(Kind::RidingBoot))));
        self::assertContains(
            'T-7 conditioner left/vamp',
            $refused(
                $this->plan(Shoes::pair()->dry('left/vamp', Dryness::Thirsty)->tried('left/vamp', Trial::Product, Outcome::Darkens, FamilyId::Conditioner)),
            ),
        );
        self::assertContains(
            'C-11 sand left/heel-stack',
            $refused(
                $this->plan(Shoes::pair()->with('left/heel-stack', FindingKind::EdgeWorn, 2)->tried('left/heel-stack', Trial::HeelStack, Outcome::PrintedSkin)),
            ),
        );
        $bleeding = $this->plan(Shoes::pair(Kind::Jacket)->of(Material::SheepNappa)->tried('whole/body', Trial::WhiteCloth, Outcome::ColourOffDamp));
        self::assertContains('C-18 damp-cloth whole/body', $refused($bleeding));
        self::assertSame(['C-18'], array_map(static fn ($r): string => $r->rule, $bleeding->referrals));
        self::assertNotSame([], $bleeding->steps, 'the rest is still worked on');
    }

    public function testWhatShopOrOwnerDoesNotWantIsReplacedOrRefused(): void
    {
        $shoes = Shoes::pair()->of(Material::Pigmented)->with('left/vamp', FindingKind::OldPolish, 2)->with('left/heel-stack', FindingKind::Faded, 2);
        $with = static fn (Hazard|FamilyId ...$exclude): array => array_map(
            static fn (PlannedStep $s): string => $s->step->what(),
            Planner::plan($shoes->piece(), Air::reference(), new Wishes(Schools::usual(), array_values($exclude)))->steps,
        );
        self::assertContains('alcohol', $with());
        self::assertNotContains('alcohol', $with(FamilyId::Alcohol));
        self::assertContains('edge-dressing', $with(FamilyId::Alcohol), 'degreased with another solvent');
        self::assertSame([], array_intersect($with(Hazard::Solvent), ['alcohol', 'solvent-mild', 'cream', 'wax', 'edge-dressing']));
    }

    public function testWhatThisBenchDoesNotTakeOnIsReferredWithoutAStep(): void
    {
        $unknown = Shoes::pair()->of(Material::Pigmented, Certainty::Guess)->with('left/vamp', FindingKind::Peeling, 3);
        foreach ([
            Shoes::pair()->dry('left/vamp', Dryness::Brittle),
            Shoes::pair()->with('left/vamp', FindingKind::RedRot, 2),
            Shoes::pair(Kind::OnePieceSuit)->with('whole/sleeves', FindingKind::Impact, 1),
            Shoes::pair()->with('left/lining', FindingKind::Mould, 4),
            $unknown->to(Aim::Restore),
        ] as $shoes) {
            $plan = $this->plan($shoes);
            self::assertSame([], $plan->steps);
            self::assertSame('J-6', $plan->referrals[0]->rule);
            self::assertStringContainsString(' This is for ', $plan->referrals[0]->text);
        }
        self::assertNotSame([], $this->plan($unknown->to(Aim::Freshen))->steps, 'what is not stripped may be cleaned and fed');
        $fur = $this->plan(Shoes::pair(Kind::Jacket)->flagged('whole/collar', Flag::FurTrim));
        self::assertNotSame([], $fur->steps);
        self::assertStringContainsString('furrier', $fur->referrals[0]->text);
    }

    public function testAPromiseThatCannotHoldTheCureIsSaid(): void
    {
        $shoes = Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Scuff, 3);
        $late = static fn (?float $minutes): array => array_values(
            array_filter(
                Planner::plan($shoes->piece(), Air::reference(), new Wishes(Schools::usual(), [], $minutes))->tellOwner,
                static fn ($r): bool => 'J-8' === $r->rule,
            ),
        );
        self::assertCount(1, $late(300.0));
        self::assertStringContainsString('there are 5. Agree on a later day', $late(300.0)[0]->text);
        self::assertSame([], $late(100_000.0));
        self::assertSame([], $late(null));
    }

    public function testTheOwnerHearsWhatARefusalLeavesUndone(): void
    {
        $spot = Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', FindingKind::BleachedSpot, 3);
        $told = static fn (Plan $plan): string => implode(' ', array_map(static fn ($r): string => $r->text, $plan->tellOwner));
        self::assertStringContainsString('The bleached spot on the left vamp will be dyed up', $told($this->plan($spot)));
        $without = $told(Planner::plan($spot->piece(), Air::reference(), new Wishes(Schools::usual(), [Hazard::Solvent])));
        self::assertStringContainsString('The bleached spot on the left vamp stays. Cream polish is not wanted here.', $without);
        self::assertStringNotContainsString('will be dyed up', $without);
    }

    public function testCompulsoryTrialsAreListedUntilTheyAreRecorded(): void
    {
        $aniline = Shoes::pair()->of(Material::Aniline)->dry('left/vamp', Dryness::Thirsty);
        $first = static fn (Plan $plan): array => array_map(
            static fn ($t): string => $t->family?->value.' '.$t->at->key,
            array_filter($plan->trialsFirst, static fn ($t): bool => $t->compulsory),
        );
        self::assertContains('conditioner left/vamp', $first($this->plan($aniline)));
        self::assertNotContains(
            'conditioner left/vamp',
            $first($this->plan($aniline->tried('left/vamp', Trial::Product, Outcome::DarkensReturns, FamilyId::Conditioner))),
        );
        self::assertContains('wax left/toe', $first($this->plan(Shoes::pair()->of(Material::Pigmented, Certainty::Guess))));
        $dear = $this->plan(Shoes::pair()->flagged('left/vamp', Flag::Irreplaceable))->trialsFirst;
        self::assertContains(Trial::WearOne, array_map(static fn ($t): Trial => $t->trial, $dear), 'T-8: one half first');
    }

    public function testQuantitiesAreWorkedOut(): void
    {
        // Q-3: 20 ml of 1:4.
        self::assertSame('1:4: 4 ml product and 16 ml water', Supplies::dilution(20.0, new Dilution(1, 4))->detail);
        $plan = $this->plan(
            Shoes::pair()
                ->to(Aim::Restore)
                ->with('left/vamp', FindingKind::Scuff, 3)
                ->measured('left/quarter', FindingKind::OpenSeam, 3, 60.0)
                ->with('left/sole-edge', FindingKind::Faded, 2),
        );
        $kit = array_map(static fn (Supply $s): string => $s->label(), Kit::of($plan->steps));
        // Q-1, Q-2, Q-4: vamp 1.82 dm² × 70 ml/m² ÷ 0.6 × 3 coats × 2 halves + 5 ml in the cup, and a fifth kept back.
        $paint = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => FamilyId::Paint === $s->step->family));
        self::assertCount(6, $paint);
        self::assertSame(2.2, $paint[0]->amount?->quantity);
        self::assertContains('chestnut leather paint 21.9 ml, a fifth kept back, labelled', $kit);
        self::assertContains('waxed thread 69 cm', $kit);
        self::assertNotSame([], preg_grep('/^low-tack tape [\d.]+ m$/', $kit));
        self::assertSame(
            [],
            array_filter($plan->steps, static fn (PlannedStep $s): bool => Applicator::Airbrush === $s->step->applicator && 'booth' !== $s->station->value),
        );
    }

    public function testTapeIsAStripAlongAWeltAndABorderAroundAnyOtherPart(): void
    {
        $shoes = Shoes::pair()->piece();
        $tape = static fn (string ...$places): float => Supplies::of(
            Step::act(Phase::Mask, Action::Mask, array_values(array_map(Shoes::place(...), $places))),
            new Brief($shoes, Wishes::none()),
            null,
        )[0]->amount ?? 0.0;
        $area = static fn (string $place): float => $shoes->areaDm2(Shoes::place($place));
        // A welt of 1 dm² is 1.25 m of strip; a tenth more for the ends, and 10 cm to hold on to.
        self::assertSame(round(1.1 * 1.25 * $area('left/welt') + 0.1, 1), $tape('left/welt'));
        self::assertSame(round(1.1 * 1.25 * $area('left/sole-edge') + 0.1, 1), $tape('left/sole-edge'));
        // A square of 1 dm² has a border of 40 cm.
        self::assertSame(round(1.1 * 0.4 * sqrt($area('left/vamp')) + 0.1, 1), $tape('left/vamp'));
        self::assertEqualsWithDelta($tape('left/vamp') + $tape('left/welt'), $tape('left/vamp', 'left/welt'), 0.11);
        self::assertGreaterThan(0.3, $tape('left/welt'));
    }

    public function testGritsRiseByNoMoreThanAboutTwice(): void
    {
        $seen = 0;
        foreach (
            [
                Shoes::pair()->to(Aim::Restore)->measured('left/vamp', FindingKind::Gouge, 3, 9.0, 3.0, 1.2)->with('left/heel-stack', FindingKind::StackDry, 3),
                Shoes::pair()->with('left/sole-edge', FindingKind::SoleParting, 2),
                Shoes::pair(Kind::SkateTrainer)->of(Material::Synthetic)->to(Aim::Restore)->with('left/vamp', FindingKind::Scuff, 3),
            ] as $shoes
        ) {
            foreach ($this->plan($shoes)->steps as $planned) {
                if ('sand' === $planned->step->what()) {
                    $grits = Supplies::grits($planned->step);
                    for ($i = 1; $i < \count($grits); ++$i) {
                        self::assertGreaterThan($grits[$i - 1], $grits[$i]);
                        self::assertLessThanOrEqual(2.0, $grits[$i] / $grits[$i - 1], 'O-11');
                        ++$seen;
                    }
                }
            }
        }
        self::assertGreaterThan(3, $seen);
    }

    private function plan(Shoes $shoes): Plan
    {
        return Planner::plan($shoes->piece(), Air::reference());
    }
}
