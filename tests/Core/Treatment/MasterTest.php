<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\App\Learning\Factors;
use KindHeel\App\Timetable\JobBuilder;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\Expectation;
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Ladder;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\Answers;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Planning\Stretches;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a master would strike out of a plan, and what would be missed. */
final class MasterTest extends RuleTestCase
{
    public function testWaxOverATopcoatDoesNotEndTheTopcoatsWait(): void
    {
        $plan = $this->plan(Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3));
        $steps = $plan->order();
        $end = end($steps);
        self::assertInstanceOf(Step::class, $end);
        $topcoats = $this->laying($plan, FamilyId::Topcoat);
        self::assertNotSame([], $topcoats);
        self::assertNotSame([], $this->laying($plan, FamilyId::Wax), 'wax lies over it');
        foreach ([$topcoats[2], $topcoats[3]] as $last) {
            self::assertTrue($end->bondTo($last->step->id)?->covers(Stage::Full), 'the last topcoat of each half is cured');
        }
        $shoes = Shoes::pair();
        $handOver = $this->then('s4', $this->act(Action::HandOver, 'left/vamp'), 's3');
        $waxed = [
            $this->then('s1', $this->act(Action::Photograph, 'left/vamp')),
            $this->then('s2', $this->lay(FamilyId::Topcoat, 'left/vamp')),
            $this->then('s3', $this->lay(FamilyId::Wax, 'left/vamp'), 's2', Stage::Next),
        ];
        $this->broken('O-29', $shoes, ...[...$waxed, $handOver]);
        $this->kept('O-29', $shoes, ...[...$waxed, $handOver->bound(new After('s2', Stage::Full))]);
    }

    public function testWhatAdjoinsIsMaskedOnceForAllCoatsInARow(): void
    {
        $shoes = Shoes::pair(Kind::CourtTrainer)->to(Aim::Recolour);
        foreach (['left', 'right'] as $half) {
            $shoes->made($half.'/tongue', Material::Textile);
        }
        $plan = $this->plan($shoes);
        $masks = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Mask === $s->step->action));
        self::assertCount(1, $masks, 'one taping for base, colour and seal');
        $masked = array_map(static fn (Place $p): string => $p->key, $masks[0]->step->on);
        self::assertSame([], array_diff(['left/midsole', 'left/foxing', 'left/tongue', 'left/lining', 'right/midsole'], $masked));
        self::assertNotContains('left/outsole', $masked, 'it adjoins nothing that is painted');
        self::assertNotContains('left/vamp', $masked, 'it is laid itself');
    }

    public function testSpongedPaintBesideWhatMustStayCleanIsCaught(): void
    {
        $trainer = Shoes::pair(Kind::CourtTrainer);
        $this->broken('O-15', $trainer, $this->layWith(Applicator::Sponge, FamilyId::Paint, 'left/toe-box'));
        $this->kept('O-15', $trainer, $this->act(Action::Mask, 'left/foxing', 'left/midsole'), $this->layWith(
            Applicator::Sponge,
            FamilyId::Paint,
            'left/toe-box'
        ));
        $this->kept('O-15', $trainer, $this->layWith(Applicator::Bud, FamilyId::Paint, 'left/toe-box'));
    }

    public function testNeighboursInTheSameShadeThatMayTakeItStayOpen(): void
    {
        $plain = Shoes::pair()->made('left/welt', Material::LeatherEdge);
        $paint = $this->layWith(Applicator::Sponge, FamilyId::Paint, 'left/toe');
        $this->kept('O-15', $plain, $paint);
        $this->broken('O-15', Shoes::pair()->made('left/welt', Material::LeatherEdge)->shade('left/vamp', Shade::Ivory), $paint);
        $this->broken('O-15', Shoes::pair()->made('left/welt', Material::LeatherEdge)->made('left/vamp', Material::Suede), $paint);
        $this->broken('O-15', Shoes::pair(), $this->lay(FamilyId::Cream, 'left/vamp'));
        $this->kept('O-15', Shoes::pair(), $this->layWith(Applicator::Dauber, FamilyId::Cream, 'left/vamp'));
    }

    public function testTwoColoursGetAllTheirCoatsInTurnTheDarkerFirst(): void
    {
        $shoes = Shoes::pair(Kind::Satchel)->to(Aim::Restore)->with('whole/front', FindingKind::Faded, 3)->with('whole/flap', FindingKind::Faded, 3);
        $plan = $this->plan($shoes->shade('whole/flap', Shade::Tan));
        $coats = array_map(static fn (PlannedStep $s): string => $s->shade?->value.' '.$s->step->coat, $this->laying($plan, FamilyId::Paint));
        foreach ($plan->steps as $step) {
            if (Action::Unmask === $step->step->action) {
                self::assertContains(
                    Stage::Touch,
                    array_map(static fn (After $a): ?Stage => $a->before, $step->step->after),
                    'each tape while its coat is soft'
                );
            }
        }
        self::assertSame(['chestnut 1', 'chestnut 2', 'chestnut 3', 'tan 1', 'tan 2', 'tan 3'], $coats);
    }

    public function testAScuffOfAFewMillimetresIsTouchedInOnItsHalfAlone(): void
    {
        $plan = $this->plan(Shoes::pair()->to(Aim::Restore)->measured('left/quarter', FindingKind::Scuff, 2, 5.0, 3.0));
        $coloured = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->does(Effect::Paints)));
        self::assertCount(2, $coloured);
        $minutes = 0.0;
        foreach ([...$coloured, ...$this->laying($plan, FamilyId::Topcoat), ...$this->laying($plan, FamilyId::Alcohol)] as $step) {
            self::assertSame(Applicator::Bud, $step->step->applicator, $step->title);
            self::assertSame(['left/quarter'], array_map(static fn (Place $p): string => $p->key, $step->step->on));
            $minutes += $step->minutes;
        }
        self::assertLessThanOrEqual(12.0, $minutes, 'a few minutes');
        self::assertSame([], $this->laying($plan, FamilyId::Deglosser), 'nothing is stripped for it');
        self::assertSame([], array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Mask === $s->step->action));
    }

    public function testTheSizeOfAFindingDecidesTheReach(): void
    {
        $scuffed = static fn (float $length, float $width): Shoes => Shoes::pair(Kind::Tote)->to(Aim::Restore)
            ->measured('whole/front', FindingKind::Scuff, 3, $length, $width);
        self::assertSame(['bud paint', 'bud paint'], $this->paints($this->plan($scuffed(10.0, 8.0))));
        self::assertSame(['sponge touch-up', 'sponge touch-up'], $this->paints($this->plan($scuffed(60.0, 40.0))), 'up to a line that hides it');
        self::assertSame(['airbrush paint', 'airbrush paint', 'airbrush paint'], $this->paints($this->plan($scuffed(200.0, 150.0))), 'the whole part');
        self::assertSame(
            ['airbrush paint', 'airbrush paint', 'airbrush paint'],
            $this->paints($this->plan($scuffed(10.0, 8.0)->wishing('whole/front', Wish::WholePart))),
            'the owner wants an even look',
        );
        self::assertSame(
            ['sponge touch-up', 'sponge touch-up'],
            $this->paints($this->plan($scuffed(200.0, 150.0)->wishing('whole/front', Wish::LocalOnly))),
        );
    }

    public function testNaturalAndWaxedLeatherIsNeitherDyedNorResinedForAScratch(): void
    {
        foreach ([Material::VegTan, Material::Waxy] as $material) {
            $plan = $this->plan(Shoes::pair(Kind::Satchel)->of($material)->to(Aim::Restore)->with('whole/flap', FindingKind::Scratch, 3));
            self::assertSame([], array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->does(Effect::Dyes)), $material->value);
            self::assertSame([], $this->laying($plan, FamilyId::Resin));
        }
        $spotted = $this->plan(
            Shoes::pair(Kind::Satchel)->of(Material::VegTan)->to(Aim::Restore)->measured('whole/flap', FindingKind::BleachedSpot, 2, 10.0, 8.0),
        );
        self::assertSame(['bud dye-spirit'], array_map(
            static fn (PlannedStep $s): string => $s->step->applicator->value.' '.$s->step->family?->value,
            array_values(array_filter($spotted->steps, static fn (PlannedStep $s): bool => $s->step->does(Effect::Dyes))),
        ), 'a spot, then stop');
    }

    public function testMouldComesBeforeAllAndGreaseBeforeWater(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->with('left/vamp', FindingKind::Mould, 2)->with('left/toe', FindingKind::BodyGrease, 2));
        $acts = array_values(array_filter(array_map(
            static fn (PlannedStep $s): string => $s->step->what(),
            array_filter($plan->steps, static fn (PlannedStep $s): bool => !\in_array($s->step->action, [Action::TakeApart, Action::Photograph,
                Action::Trial], true)),
        )));
        self::assertSame(['dust-off', 'lining-spray'], \array_slice($acts, 0, 2));
        self::assertStringContainsString('outdoors', array_values(array_filter(
            $plan->steps,
            static fn (PlannedStep $s): bool => Action::DustOff === $s->step->action
        ))[0]->why);
        self::assertLessThan(array_search('damp-cloth', $acts, true), array_search('poultice', $acts, true));
    }

    public function testGripAndInsolesStayFreeOfFat(): void
    {
        $plan = $this->plan(
            Shoes::pair(Kind::RidingBoot)->with('left/inner-leg', FindingKind::GroundInDirt, 2)
                ->dry('left/inner-leg', Dryness::Stiff)->dry('left/insole', Dryness::Stiff)->made('left/insole', Material::Aniline),
        );
        foreach ($plan->steps as $step) {
            foreach ($step->step->laysFat() ? $step->step->on : [] as $place) {
                self::assertNotContains($place->key, ['left/inner-leg', 'left/insole'], $step->title);
            }
        }
        $this->broken('C-5', Shoes::pair(Kind::RidingBoot), $this->lay(FamilyId::CleanerCream, 'left/inner-leg'));
    }

    public function testATrialBindsTheSkin(): void
    {
        $shoes = Shoes::pair()->of(Material::Aniline)->dry('right/vamp', Dryness::Thirsty)
            ->tried('left/tongue', Trial::Product, Outcome::Darkens, FamilyId::Conditioner);
        self::assertSame([], array_filter(
            $this->laying($this->plan($shoes), FamilyId::Conditioner),
            static fn (PlannedStep $s): bool => $s->step->touches(Shoes::place('right/vamp')),
        ), 'what darkens the left tongue darkens the right vamp');
        $bleeding = Shoes::pair()->of(Material::Aniline)->with('left/vamp', FindingKind::GroundInDirt, 3)
            ->tried('right/quarter', Trial::WhiteCloth, Outcome::ColourOffDamp);
        foreach ($this->plan($bleeding)->steps as $step) {
            foreach ($step->step->wets() ? $step->step->on : [] as $place) {
                self::assertFalse($place->part->isOuter(), $step->title.' on what bleeds');
            }
        }
        $this->broken('C-1', Shoes::pair()->of(Material::Aniline), $this->tries('left/tongue'), $this->tries('right/vamp'));
        $this->kept('C-1', Shoes::pair()->of(Material::Aniline)->made('right/vamp', Material::Suede), $this->tries('left/tongue'), $this->tries('right/vamp'));
    }

    public function testNothingIsDegreasedWhileTheTrialOfItsDyeStillDries(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3));
        $trial = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => [FamilyId::DyeSpirit] === $s->step->tries))[0];
        foreach ([$this->laying($plan, FamilyId::Alcohol)[0], $this->laying($plan, FamilyId::DyeSpirit)[0]] as $step) {
            self::assertTrue($step->step->bondTo($trial->step->id)?->covers(Stage::Next), $step->title.': its hour would run out meanwhile');
        }
    }

    public function testWhatEachTrialShowsChangesThePlan(): void
    {
        $scratched = static fn (Material $material): Shoes => Shoes::pair()->of($material)->to(Aim::Restore)->measured(
            'left/vamp',
            FindingKind::Scratch,
            2,
            20.0,
            1.0
        );
        $actions = fn (Shoes $shoes): array => array_map(static fn (PlannedStep $s): string => $s->step->what(), $this->plan($shoes)->steps);
        self::assertNotContains('trial', $actions($scratched(Material::Pigmented)));
        self::assertContains('trial', $actions($scratched(Material::Pigmented)->tried('left/vamp', Trial::WaterDrop, Outcome::AbsorbsAtOnce)), 'T-1');
        self::assertContains('rub-off', $actions($scratched(Material::Pigmented)->tried('left/vamp', Trial::WhiteCloth, Outcome::ColourOffDry)), 'T-2');
        self::assertContains('dye-spirit', $actions($scratched(Material::Aniline)));
        self::assertNotContains('dye-spirit', $actions($scratched(Material::Aniline)->tried('right/toe', Trial::NailPress, Outcome::MarksWarmAway)), 'T-3');
        $this->broken('C-11', Shoes::pair()->tried('left/vamp', Trial::Loupe, Outcome::Print), $this->act(Action::Sand, 'left/vamp'));
        $lifted = $scratched(Material::SemiAniline)->tried('left/vamp', Trial::AlcoholBud, Outcome::FilmSoftens);
        self::assertContains('T-7', $this->rules($lifted, $this->lay(FamilyId::Alcohol, 'left/vamp')), 'T-5');
        self::assertNotContains('dye-spirit', $actions($scratched(Material::Aniline)->tried('left/toe', Trial::CutEdge, Outcome::ColouredThrough)), 'T-6');
        $this->broken('C-11', Shoes::pair()->tried('left/heel-stack', Trial::HeelStack, Outcome::PrintedSkin), $this->act(Action::Sand, 'left/heel-stack'));
    }

    public function testAPaleSpotIsBroughtUpBeforeAWashOfDye(): void
    {
        $spotted = Shoes::pair()->of(Material::Aniline)->with('left/vamp', FindingKind::BleachedSpot, 3);
        $this->broken('O-17', $spotted, $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
        $this->kept('O-17', $spotted, $this->layWith(Applicator::Bud, FamilyId::DyeSpirit, 'left/vamp'), $this->lay(FamilyId::DyeSpirit, 'left/vamp'));
    }

    public function testLaddersAreClimbedByLooking(): void
    {
        $shoes = Shoes::pair()->with('left/vamp', FindingKind::GroundInDirt, 2);
        $plan = $this->plan($shoes);
        $held = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => null !== $s->step->ifNeededAfter && null !== $s->step->family));
        self::assertSame(
            [FamilyId::CleanerNeutral, FamilyId::FoamCleaner, FamilyId::Alcohol],
            array_map(static fn (PlannedStep $s): ?FamilyId => $s->step->family, $held),
        );
        foreach ($held as $step) {
            $look = array_values(array_filter($plan->order(), static fn (Step $s): bool => $s->id === $step->step->ifNeededAfter))[0];
            self::assertSame(Action::Gate, $look->action);
            self::assertSame(Ladder::Dirt, Ladder::of($look));
        }
        self::assertLessThan($plan->handsOnMinutesMost, $plan->handsOnMinutes);
        self::assertLessThan($plan->elapsedMinutesMost, $plan->elapsedMinutes);

        $firm = $this->plan($shoes, new Wishes(Schools::usual(), firmOnly: true));
        self::assertSame([], array_filter($firm->steps, static fn (PlannedStep $s): bool => null !== $s->step->ifNeededAfter));
        self::assertSame([], $this->laying($firm, FamilyId::CleanerNeutral));
        self::assertSame($firm->handsOnMinutes, $plan->handsOnMinutes);
        $key = Ladder::Dirt->key(Shoes::place('left/vamp'));
        $climbed = $this->plan($shoes, new Wishes(Schools::usual(), climbed: [$key => 1], firmOnly: true));
        self::assertCount(1, $this->laying($climbed, FamilyId::CleanerNeutral), 'not enough: the next rung comes in');
        self::assertSame([], $this->laying($climbed, FamilyId::FoamCleaner));
    }

    public function testClampsHaveATimeAndComeOffAndTreesToo(): void
    {
        $plan = $this->plan(Shoes::pair(Kind::LaceBoot)->measured('left/sole-edge', FindingKind::SoleParting, 3, 60.0));
        $acts = array_map(static fn (PlannedStep $s): string => $s->step->what(), $plan->steps);
        $off = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Unclamp === $s->step->action))[0];
        self::assertContains(Stage::Full, array_map(static fn (After $a): ?Stage => $a->from, $off->step->after));
        self::assertLessThan(array_search('unclamp', $acts, true), array_search('bond', $acts, true));
        self::assertLessThan(array_search('put-together', $acts, true), array_search('tree-out', $acts, true), 'insoles go in once the trees are out');
        $longer = $this->plan(Shoes::pair(Kind::LaceBoot)->measured('left/sole-edge', FindingKind::SoleParting, 3, 180.0));
        $cement = fn (Plan $p): float => $this->laying($p, FamilyId::Cement)[0]->amount->quantity ?? 0.0;
        self::assertEqualsWithDelta(3.0 * $cement($plan), $cement($longer), 0.3, 'cement by the gap');
    }

    public function testAMachineWashIsForTheWholeTextileTrainerWithoutTrees(): void
    {
        $machine = new Wishes(Schools::of(['trainer-wash' => 'machine']));
        $cloth = Shoes::pair(Kind::RunningTrainer)->of(Material::Textile)->with('left/vamp', FindingKind::GroundInDirt, 2);
        $washed = $this->laying($this->plan($cloth, $machine), FamilyId::Wash);
        self::assertCount(1, $washed);
        self::assertContains('left/side-panel', array_map(static fn (Place $p): string => $p->key, $washed[0]->step->on), 'not the dirty panel alone');
        self::assertSame([], array_filter($this->plan($cloth, $machine)->steps, static fn (PlannedStep $s): bool => Action::Tree === $s->step->action));
        $leather = Shoes::pair(Kind::RunningTrainer)->of(Material::Textile)->made('left/eyestay', Material::Pigmented)->with(
            'left/vamp',
            FindingKind::GroundInDirt,
            2
        );
        self::assertSame([], $this->laying($this->plan($leather, $machine), FamilyId::Wash));
    }

    public function testNothingIsPreparedInVain(): void
    {
        $plan = $this->plan(
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore, Gloss::Matt)->with('left/vamp', FindingKind::Faded, 3),
            new Wishes(Schools::usual(), [FamilyId::DyeSpirit]),
        );
        self::assertSame([], $this->laying($plan, FamilyId::DyeSpirit));
        self::assertSame([], $this->laying($plan, FamilyId::Deglosser), 'a part is never stripped for a coat that will not come');
        foreach ($plan->steps as $step) {
            self::assertNotContains(FamilyId::DyeSpirit, $step->step->tries);
        }
    }

    public function testHowItLeavesIsKeptBeforeTheHandOver(): void
    {
        $acts = array_map(static fn (PlannedStep $s): string => $s->step->what(), $this->plan(Shoes::pair()->to(Aim::Recolour))->steps);
        self::assertSame(['read-colour', 'photograph', 'hand-over'], \array_slice($acts, -3));
        self::assertCount(2, array_keys($acts, 'photograph', true));
    }

    public function testContrastingThreadIsCoveredBeforeItsPartIsPainted(): void
    {
        $seamed = Shoes::pair()->made('left/welt', Material::LeatherEdge)->flagged('left/toe', Flag::ContrastStitching);
        $paint = $this->layWith(Applicator::Sponge, FamilyId::Paint, 'left/toe');
        $this->broken('O-15', $seamed, $paint);
        $this->kept('O-15', $seamed, $this->act(Action::Mask, 'left/toe'), $paint);
    }

    /** @return iterable<string, array{Shoes, float, float}> what a good worker needs by hand, all in */
    public static function jobs(): iterable
    {
        $all = static function (Shoes $shoes, Kind $kind, FindingKind $finding, int $severity): Shoes {
            foreach ($kind->halves() as $half) {
                foreach ($kind->parts() as $part) {
                    $shoes = $part->isOuter() ? $shoes->with($half->value.'/'.$part->value, $finding, $severity) : $shoes;
                }
            }

            return $shoes;
        };
        yield 'plain polish' => [Shoes::pair(Kind::Oxford)->to(Aim::Freshen, Gloss::Glow)->with('left/vamp', FindingKind::Scuff, 1), 25.0, 45.0];
        yield 'suede cleaned' => [
            Shoes::pair()->of(Material::Suede)->with('left/vamp', FindingKind::FlatNap)->with('right/quarter', FindingKind::GroundInDirt), 25.0, 45.0,
        ];
        yield 'nubuck boots cleaned' => [$all(Shoes::pair(Kind::AnkleBoot)->of(Material::Nubuck), Kind::AnkleBoot, FindingKind::GroundInDirt, 1), 25.0, 45.0];
        yield 'riding boots cleaned and fed' => [
            $all(Shoes::pair(Kind::RidingBoot)->to(Aim::Keep)->thirsty(), Kind::RidingBoot, FindingKind::GroundInDirt, 2), 45.0, 80.0,
        ];
        yield 'work boots cleaned, fed, stack seen to' => [
            $all(Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->thirsty(), Kind::WorkBoot, FindingKind::Mud, 2)
                ->with('left/heel-stack', FindingKind::StackDry)->with('right/heel-stack', FindingKind::StackDry), 45.0, 80.0,
        ];
        yield 'belt' => [Shoes::pair(Kind::Belt)->of(Material::VegTan)->thirsty()->with('whole/edge', FindingKind::EdgeWorn), 12.0, 30.0];
        yield 'satchel cleaned, fed, one seam' => [
            Shoes::pair(Kind::Satchel)->of(Material::VegTan)->thirsty()->with('whole/front', FindingKind::GroundInDirt)
                ->measured('whole/gusset', FindingKind::OpenSeam, 3, 40.0), 60.0, 110.0,
        ];
        yield 'tote recoloured' => [Shoes::pair(Kind::Tote)->to(Aim::Recolour)->with('whole/front', FindingKind::Faded, 3), 240.0, 360.0];
        yield 'jacket cleaned and fed' => [
            Shoes::pair(Kind::Jacket)->of(Material::SheepNappa)->to(Aim::Keep)->thirsty()->with('whole/body', FindingKind::GroundInDirt, 1)
                ->with('whole/collar', FindingKind::BodyGrease), 45.0, 90.0,
        ];
        yield 'coat recoloured' => [Shoes::pair(Kind::Coat)->to(Aim::Recolour)->with('whole/body', FindingKind::Faded, 3), 300.0, 510.0];
        yield 'one-piece suit cleaned and protected' => [
            Shoes::pair(Kind::OnePieceSuit)->of(Material::RacingHide)->to(Aim::Keep)->with('whole/body', FindingKind::Insects)
                ->with('whole/sleeves', FindingKind::GroundInDirt), 120.0, 210.0,
        ];
        yield 'trainers fully restored' => [
            $all(Shoes::pair(Kind::CourtTrainer)->to(Aim::Restore), Kind::CourtTrainer, FindingKind::Scuff, 3)
                ->with('left/midsole', FindingKind::YellowedRubber, 3)->with('right/midsole', FindingKind::YellowedRubber, 3), 180.0, 360.0,
        ];
    }

    #[DataProvider('jobs')]
    public function testTheMinutesAreThoseOfAGoodWorker(Shoes $shoes, float $least, float $most): void
    {
        $minutes = $this->plan($shoes)->handsOnMinutes;
        self::assertGreaterThanOrEqual($least, $minutes);
        self::assertLessThanOrEqual($most, $minutes);
    }

    /** @return iterable<string, array{Kind}> */
    public static function garments(): iterable
    {
        foreach ([Kind::Jacket, Kind::Coat, Kind::Trousers, Kind::OnePieceSuit, Kind::Skirt, Kind::Apron, Kind::Tote] as $kind) {
            yield $kind->label() => [$kind];
        }
    }

    #[DataProvider('garments')]
    public function testALargePieceIsWorkedInStretchesAndCanBePromisedEvenInShortHours(Kind $kind): void
    {
        $shoes = Shoes::pair($kind)->to(Aim::Recolour);
        foreach ($kind->parts() as $part) {
            $shoes = $part->isOuter() ? $shoes->with('whole/'.$part->value, FindingKind::Faded, 3) : $shoes;
        }
        $plan = $this->plan($shoes);
        foreach ($plan->steps as $step) {
            self::assertLessThanOrEqual(\count($step->step->on) > 1 ? Stretches::LONGEST_MINUTES + 5.0 : 90.0, $step->minutes, $step->title);
        }
        self::assertSame([], Rework::of($shoes->piece(), $plan->order())->faults());

        $now = new \DateTimeImmutable('2026-03-03T09:00:00Z');
        $skills = array_values(array_unique(array_map(static fn (PlannedStep $s): string => $s->step->phase->value, $plan->steps)));
        foreach ([45, 120, 480] as $shift) {
            $hands = [new Worker('1', $skills, array_map(static fn (int $day): array => [1440 * $day, 1440 * $day + $shift], range(0, 60)))];
            $builder = ProblemBuilder::of([JobBuilder::planned(1, $now->modify('+40 days'), $plan->steps, new Factors())], $hands, [], $now);
            $placer = new ScheduleGenerator($builder->problem);
            $table = $placer->place(new Candidate((new PriorityRules($builder->problem, $placer->blocks))->all()[0]));
            self::assertSame([], $table->unplaced, "$shift minutes a day");
            if ($shift > 45) {
                self::assertSame([], $table->broken, "$shift minutes a day: every coat in its window");
            }
        }
    }

    public function testWhatWasDoneInOneGoIsNotCutAfterwards(): void
    {
        $shoes = Shoes::pair(Kind::Coat)->to(Aim::Recolour);
        foreach (Kind::Coat->parts() as $part) {
            $shoes = $part->isOuter() ? $shoes->with('whole/'.$part->value, FindingKind::Faded, 3) : $shoes;
        }
        $brief = new Brief($shoes->piece(), Wishes::none());
        $outer = array_values(array_filter(Kind::Coat->parts(), static fn (PartName $p): bool => $p->isOuter()));
        $on = array_map(static fn (PartName $p): Place => new Place($p, Half::Whole), $outer);
        $strip = new Need(Step::lay(Phase::Strip, FamilyId::Deglosser, Applicator::Pad, $on)->named('s01'), 0, '', []);
        self::assertGreaterThan(1, \count(Stretches::of([$strip], $brief)));
        self::assertEquals([$strip->step], array_map(static fn (Need $n): Step => $n->step, Stretches::of([$strip], $brief, [$strip])));
    }

    public function testTheOwnersPagePromisesOnlyWhatAStepKeeps(): void
    {
        $shoes = Shoes::pair()->to(Aim::Keep)->with('left/toe', FindingKind::Scuff)->with('left/vamp', FindingKind::Dust);
        $plan = $this->plan($shoes);
        $usual = OwnerPage::for($shoes->piece());
        $page = OwnerPage::for($shoes->piece(), $plan->expectations);
        self::assertSame(\count($usual->promises), \count($page->promises), 'each finding is spoken of once');
        $told = array_map(static fn (Remark $r): string => $r->text, $plan->tellOwner);
        foreach ([...$page->sentences(Prospect::Softer), ...$page->sentences(Prospect::Stays)] as $sentence) {
            self::assertContains($sentence, $told, 'page and plan say the same');
        }
        foreach (range(1, 60) as $number) {
            $piece = AnyPiece::of(7919 * $number);
            $plan = Planner::plan($piece, Air::reference());
            foreach (OwnerPage::for($piece, $plan->expectations)->promises as $promise) {
                if (Prospect::Stays !== $promise->prospect) {
                    $steps = array_filter(
                        $plan->steps,
                        static fn (PlannedStep $s): bool => $s->step->touches($promise->finding->at) && Answers::finding($promise->finding->kind, $s->step),
                    );
                    self::assertNotSame([], $steps, $promise->sentence);
                }
            }
        }
    }

    public function testNewThreadIsLikeTheOld(): void
    {
        foreach ([[Outcome::Melts, 'waxed polyester thread'], [Outcome::Chars, 'waxed linen thread']] as [$outcome, $thread]) {
            $shoes = Shoes::pair()->measured('left/vamp', FindingKind::OpenSeam, 3, 40.0)->tried('left/vamp', Trial::ThreadFlame, $outcome);
            $stitch = array_values(array_filter($this->plan($shoes)->steps, static fn (PlannedStep $s): bool => Action::Stitch === $s->step->action))[0];
            self::assertSame($thread, $stitch->supplies[0]->name);
        }
    }

    public function testAPatternIsDyedFromTheOpenToTheLine(): void
    {
        $dyed = function (Shoes $shoes): string {
            $dye = array_filter($this->plan($shoes)->steps, static fn (PlannedStep $s): bool => FamilyId::DyeSpirit === $s->step->family);

            return implode(' ', array_map(static fn (PlannedStep $s): string => $s->how, $dye));
        };
        $plain = Shoes::pair()->of(Material::Aniline)->to(Aim::Recolour);
        self::assertStringNotContainsString('drawn to the line', $dyed($plain));
        $twoTone = Shoes::pair()->of(Material::Aniline)->to(Aim::Restore);
        foreach (['left', 'right'] as $half) {
            $twoTone = $twoTone->shade($half.'/toe', Shade::Black)->with($half.'/toe', FindingKind::Faded, 3);
        }
        self::assertStringContainsString('put down in the open first, and drawn to the line', $dyed($twoTone));
    }

    public function testEachOfTheseRulesIsCitedBySomePlan(): void
    {
        $plans = [
            'S-2' => $this->plan(Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3)),
            'T-8' => $this->plan(Shoes::pair()->flagged('left/vamp', Flag::Irreplaceable)),
            'W-4' => $this->plan(Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3)),
            'W-7' => $this->plan(Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3)),
            'W-8' => $this->plan(Shoes::pair(Kind::Satchel)->of(Material::Suede)),
            'W-10' => $this->plan(Shoes::pair()->dry('left/vamp', Dryness::Thirsty)),
            'W-11' => $this->plan(Shoes::pair(Kind::CourtTrainer)->with('left/midsole', FindingKind::YellowedRubber, 3)),
            'C-12' => $this->plan(Shoes::pair()->with('left/toe', FindingKind::Faded)->shade('left/vamp', Shade::Ivory)),
        ];
        foreach ($plans as $rule => $plan) {
            self::assertContains($rule, array_merge(...array_map(static fn (PlannedStep $s): array => $s->rules, $plan->steps)), $rule);
        }
        $kept = $this->plan(Shoes::pair()->to(Aim::Keep)->with('left/vamp', FindingKind::Faded));
        self::assertContains('J-3', array_map(static fn ($r): string => $r->rule, $kept->tellOwner));
    }

    public function testOneHalfGoesFirstWhereThePairCannotBeReplaced(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->flagged('left/vamp', Flag::Irreplaceable)->to(Aim::Restore)->with(
            'right/vamp',
            FindingKind::Faded,
            3
        ));
        $compare = array_keys(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Compare === $s->step->action))[0];
        foreach ($plan->steps as $i => $step) {
            if ($step->step->laysProduct()) {
                self::assertSame([$i < $compare ? Half::Left : Half::Right], $step->step->halves(), $step->title);
            }
        }
        self::assertContains(Stage::Full, array_map(static fn (After $a): ?Stage => $a->from, $plan->steps[$compare]->step->after), 'fully dry');
    }

    public function testWhatTheFirstHalfShowedDecidesOverTheOther(): void
    {
        $pair = Shoes::pair()->of(Material::Aniline)->flagged('left/vamp', Flag::Irreplaceable)->thirsty();
        $pair->with('right/vamp', FindingKind::Faded, 2);
        $same = $this->plan($pair);
        $compare = array_keys(array_filter($same->steps, static fn (PlannedStep $s): bool => Action::Compare === $s->step->action))[0];
        $done = array_map(static fn (PlannedStep $s): Need => new Need($s->step, 0, $s->why, $s->rules, $s->shade), \array_slice(
            $same->steps,
            0,
            $compare + 1
        ));
        $rest = static fn (Plan $plan): array => array_map(static fn (PlannedStep $s): string => $s->step->what(), array_filter(
            \array_slice($plan->steps, $compare + 1),
            static fn (PlannedStep $s): bool => $s->step->laysProduct(),
        ));
        self::assertContains('conditioner', $rest($same));
        self::assertSame($rest($same), $rest(Planner::plan($pair->piece(), Air::reference(), null, $done)), 'the same for the other');

        $pair->tried('left/vamp', Trial::WearOne, Outcome::Darkens, FamilyId::Conditioner);
        self::assertNotContains(
            'conditioner',
            $rest(Planner::plan($pair->piece(), Air::reference(), null, $done)),
            'what darkened the left comes not on the right'
        );

        $stopped = Planner::plan($pair->piece(), Air::reference(), new Wishes(Schools::usual(), oneHalfOnly: true), $done);
        self::assertSame([], $rest($stopped));
        self::assertContains(
            'The fading on the right vamp stays: once the left was dry it was decided to go no further.',
            array_map(static fn (Remark $r): string => $r->text, $stopped->tellOwner),
        );
        self::assertSame(Action::HandOver, \array_slice($stopped->steps, -1)[0]->step->action);
    }

    public function testCreamWaxAndThreadFollowTheNewColour(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->recoloured(Shade::Navy)->with('left/quarter', FindingKind::OpenSeam, 3));
        foreach ([FamilyId::DyeSpirit, FamilyId::Cream] as $family) {
            self::assertSame([Shade::Navy], array_values(array_unique(
                array_map(static fn (PlannedStep $s) => $s->shade, $this->laying($plan, $family)),
                \SORT_REGULAR
            )));
        }
        $thread = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => Action::Stitch === $s->step->action))[0];
        self::assertStringContainsString('toned to navy', $thread->supplies[0]->detail);
    }

    public function testAWishForTheToeIsPlanned(): void
    {
        $wishing = static fn (Wish $wish): Shoes => Shoes::pair()->of(Material::Pigmented)->wishing('left/toe', $wish)->wishing('right/toe', $wish);
        $darker = $this->laying($this->plan($wishing(Wish::DarkerToe)), FamilyId::Wax);
        self::assertSame(Shade::Espresso, $darker[1]->shade);
        self::assertSame('toe', $darker[1]->where);
        self::assertSame(Shade::Espresso, $this->laying($this->plan($wishing(Wish::ToeBurnish)), FamilyId::Cream)[1]->shade);
        $told = array_map(static fn (Remark $r): string => $r->text, $this->plan($wishing(Wish::DarkerToe)->of(Material::Suede))->tellOwner);
        self::assertContains('Asked for on the toe: a darker wax on the toe. It is not done: that is not for suede there.', $told);
    }

    public function testWhatIsNotWantedIsDoneInAnotherWay(): void
    {
        $faded = Shoes::pair(Kind::Tote)->to(Aim::Restore)->with('whole/front', FindingKind::Faded, 3);
        self::assertSame(['sponge paint', 'sponge paint', 'sponge paint'], $this->paints($this->plan($faded, new Wishes(Schools::usual(), [Hazard::Spray]))));
        $unpainted = $this->plan($faded, new Wishes(Schools::usual(), [FamilyId::Paint]));
        self::assertSame([], $this->paints($unpainted));
        self::assertSame([], $this->laying($unpainted, FamilyId::Deglosser), 'never stripped for a coat that will not come');
        self::assertNotSame([], array_filter(
            $this->laying($unpainted, FamilyId::Cream),
            static fn (PlannedStep $s): bool => $s->step->touches(Shoes::place('whole/front'))
        ));
        self::assertContains('Leather paint is not wanted here.', array_map(static fn ($r): string => $r->text, $unpainted->refused));
    }

    public function testASoundFilmThatFadedIsDyedThroughAndNotStripped(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::SemiAniline)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3));
        self::assertSame([], $this->laying($plan, FamilyId::Deglosser));
        self::assertNotSame([], $this->laying($plan, FamilyId::DyeSpirit));
    }

    public function testWhoStartsDryBrushesMudOffDry(): void
    {
        $dry = new Wishes(Schools::of(['cleaning' => 'dry-first']));
        $muddy = Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->with('left/vamp', FindingKind::Mud, 3);
        self::assertSame([], array_filter($this->plan($muddy, $dry)->steps, static fn (PlannedStep $s): bool => $s->step->wets()));
        $salty = $muddy->with('left/vamp', FindingKind::RoadSalt);
        self::assertNotSame([], array_filter($this->plan($salty, $dry)->steps, static fn (PlannedStep $s): bool => $s->step->wets()));
    }

    public function testReferralsKeepTheirSize(): void
    {
        $boot = $this->plan(Shoes::pair(Kind::LaceBoot)->dry('left/false-tongue', Dryness::Brittle));
        self::assertNotSame([], $boot->steps, 'a brittle false tongue does not send the boots away');
        self::assertStringContainsString('a new one takes its place', $boot->referrals[0]->text);
        $guess = Shoes::pair()->of(Material::Aniline, Certainty::Guess)->to(Aim::Restore)->with('left/vamp', FindingKind::Peeling);
        self::assertNotSame([], $this->plan($guess)->steps, 'there is no old paint on aniline that could hold lead');
    }

    public function testCautionsAreSaidWhereTheyMatter(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->to(Aim::Recolour));
        $cautions = array_map(static fn (PlannedStep $s): array => $s->cautions, $plan->steps);
        self::assertCount(1, array_filter($cautions, static fn (array $c): bool => \in_array('H-1', $c, true)), 'the label once');
        $dyes = $this->laying($plan, FamilyId::DyeSpirit);
        self::assertContains('H-2', $dyes[0]->cautions);
        self::assertSame([], $dyes[\count($dyes) - 1]->cautions, 'the same again is no news');
        foreach ($this->laying($plan, FamilyId::Cream) as $cream) {
            self::assertNotContains('H-2', $cream->cautions, 'a shoe cream is no solvent job');
        }
    }

    public function testMoreTimeNeverMeansLessWork(): void
    {
        $shoes = Shoes::pair()->to(Aim::ReadyFast)->with('left/vamp', FindingKind::Scuff);
        $before = 0.0;
        foreach ([60.0, 150.0, 800.0, 3000.0] as $minutes) {
            $plan = $this->plan($shoes, new Wishes(Schools::usual(), [], $minutes));
            self::assertGreaterThanOrEqual($before, $plan->handsOnMinutes, $minutes.' minutes');
            $before = $plan->handsOnMinutes;
            self::assertSame([], $this->laying($plan, FamilyId::Repellent));
        }
        $some = $this->plan($shoes, new Wishes(Schools::usual(), [], 800.0));
        self::assertNotSame([], $this->laying($some, FamilyId::Cream), 'what brings the colour back is kept');
        self::assertSame([], $this->laying($some, FamilyId::Wax), 'what only covers it is left out');
    }

    public function testAmountsAreToldAsAPersonWould(): void
    {
        self::assertSame('2 drops', Amount::told(0.05, 'ml'));
        self::assertSame('7 drops', Amount::told(0.3, 'ml'));
        self::assertSame('1.8 ml', Amount::told(1.8, 'ml'));
        self::assertSame('a fingertip', Amount::told(0.2, 'g'));
        self::assertSame('3 g', Amount::told(3.0, 'g'));
    }

    public function testMendingKeepsTheHandOverLast(): void
    {
        $piece = Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3)->piece();
        $rework = Rework::of($piece, Planner::plan($piece, Air::reference())->order());
        $coat = array_values(array_filter($rework->steps, static fn (Step $s): bool => FamilyId::Topcoat === $s->family))[0];
        $mask = Step::act(Phase::Mask, Action::Mask, [Shoes::place('left/tongue')]);
        $masked = $rework->added($mask, $coat->id);
        foreach ($masked->faults() as $fault) {
            $mended = $masked->mended($fault->step, $fault->rule);
            $last = null === $mended ? null : $mended->rework->steps[\count($mended->rework->steps) - 1];
            self::assertTrue(null === $last || Action::HandOver === $last->action, $mended->sentence ?? '');
        }
    }

    /** No finding on any material, whatever the aim, ends with nothing done and nothing said. */
    public function testEveryFindingIsMetOrSpokenOf(): void
    {
        $silent = [];
        foreach (Material::cases() as $material) {
            foreach (FindingKind::cases() as $kind) {
                foreach (Aim::cases() as $aim) {
                    foreach (\in_array($aim, [Aim::Keep, Aim::Freshen, Aim::Restore], true) ? [2] : [] as $severity) {
                        $at = Shoes::place('left/vamp');
                        $plan = $this->plan(Shoes::pair()->told('left/vamp', $material, $kind, $severity)->to($aim));
                        $met = [] === $plan->steps || [] !== array_filter(
                            $plan->steps,
                            static fn (PlannedStep $s): bool => $s->step->touches($at) && Answers::finding($kind, $s->step),
                        );
                        $noun = mb_strtolower($kind->noun());
                        $said = implode(' ', array_map(static fn ($r): string => $r->text, [...$plan->tellOwner, ...$plan->referrals, ...$plan->dropped]));
                        if (!$met && !str_contains(mb_strtolower($said), $noun)) {
                            $silent[] = $material->value.' '.$kind->value.' '.$severity.' '.$aim->value;
                        }
                    }
                }
            }
        }
        self::assertSame([], $silent);
    }

    public function testPowderIsLeftUntilItHasDrawnItsFill(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Aniline)->with('left/toe', FindingKind::BodyGrease, 2));
        $brushed = $this->acts($plan, Action::DustOff)[1];
        self::assertContains(480.0, array_map(static fn (Wait $w): ?float => $w->minMinutes, $brushed->waits), $brushed->why);
        self::assertStringContainsString('powder', $brushed->why);
        self::assertSame(['toe'], array_map(static fn (Place $p): string => $p->part->value, $brushed->step->on), 'only where it lies');
    }

    public function testEachLadderHasALookOfItsOwn(): void
    {
        $shoes = Shoes::pair(Kind::RidingBoot)->to(Aim::Keep);
        foreach (['left', 'right'] as $half) {
            $shoes = $shoes->with($half.'/inner-leg', FindingKind::GroundInDirt, 2)->with($half.'/shaft', FindingKind::GroundInDirt, 2);
        }
        $plan = $this->plan($shoes);
        $held = [];
        foreach ($this->laying($plan, FamilyId::FoamCleaner) as $foam) {
            $parts = array_values(array_unique(array_map(static fn (Place $p): string => $p->part->value, $foam->step->on)));
            $look = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->id === $foam->step->ifNeededAfter))[0];
            self::assertSame($foam->step->on, $look->step->on, 'the look is at what the rung is for');
            self::assertCount(2, $foam->step->halves(), 'both halves in one go');
            $held[] = implode(',', $parts);
        }
        sort($held);
        self::assertSame(['inner-leg', 'shaft'], $held);
    }

    public function testWhatBothHalvesNeedBeforeTheirCementIsDoneInOneGo(): void
    {
        $shoes = Shoes::pair()->to(Aim::Restore)->measured('left/sole-edge', FindingKind::SoleParting, 3, 40.0)
            ->measured('right/sole-edge', FindingKind::SoleParting, 3, 40.0);
        $plan = $this->plan($shoes);
        $before = \array_slice($plan->steps, 0, array_search($this->laying($plan, FamilyId::Cement)[0], $plan->steps, true) ?: 0);
        $degreased = array_filter($before, static fn (PlannedStep $s): bool => Phase::Degrease === $s->step->phase);
        self::assertCount(1, $degreased);
        self::assertCount(2, array_values($degreased)[0]->step->halves());
        $without = $this->plan($shoes, new Wishes(Schools::usual(), [FamilyId::Cement]));
        foreach ([Action::Sand, Action::Bond, Action::Unclamp] as $vain) {
            self::assertSame([], $this->acts($without, $vain), $vain->value.' for a cement that is not wanted');
        }
        self::assertStringContainsString('stays. Cement is not wanted here.', implode(' ', array_column($without->tellOwner, 'text')));
    }

    public function testTheTapeStaysUntilTheLastBrushHasGonePast(): void
    {
        $shoes = Shoes::pair(Kind::Brogue)->to(Aim::Freshen, Gloss::Glow)->made('left/quarter', Material::Suede)->made('right/quarter', Material::Suede);
        $plan = $this->plan($shoes);
        $masked = false;
        foreach ($plan->steps as $planned) {
            $touches = $planned->step->touches(Shoes::place('left/quarter'));
            $masked = match (true) {
                $touches && Action::Mask === $planned->step->action => true,
                $touches && Action::Unmask === $planned->step->action => false,
                default => $masked,
            };
            if (Action::Buff === $planned->step->action) {
                self::assertTrue($masked, 'brushed past the open nap: '.$planned->title);
            }
        }
    }

    public function testWhatHasNoInsideIsNotFilledOut(): void
    {
        $creased = Shoes::first(Kind::Belt);
        self::assertSame([], $this->acts($this->plan(Shoes::pair(Kind::Belt)), Action::Tree));
        self::assertSame('Lay it out flat', $this->acts($this->plan(Shoes::pair(Kind::Belt)->with($creased, FindingKind::Crease)), Action::Tree)[0]->title);
        self::assertCount(1, $this->acts($this->plan(Shoes::pair(Kind::Satchel)), Action::Tree));
    }

    public function testWhereWaxHasBuiltUpCreamFollowsAndNoWax(): void
    {
        $plan = $this->plan(Shoes::pair()->to(Aim::Freshen, Gloss::Glow)->with('left/vamp', FindingKind::WaxBuildUp, 2));
        foreach ($this->laying($plan, FamilyId::Wax) as $wax) {
            self::assertFalse($wax->step->touches(Shoes::place('left/vamp')) || $wax->step->touches(Shoes::place('right/vamp')));
        }
        self::assertNotSame([], $this->laying($plan, FamilyId::Cream));
    }

    /** @return iterable<string, array{Material, Aim, FindingKind, int, string, Prospect}> what the owner hears, and what it must not say */
    public static function words(): iterable
    {
        yield 'nothing is filled' => [Material::Waxy, Aim::Restore, FindingKind::Gouge, 2, 'stays; fed, it catches the eye a little less.', Prospect::Stays];
        yield 'nothing is painted' => [Material::Waxy, Aim::Restore, FindingKind::Peeling, 2, 'nothing that does it good holds on', Prospect::Stays];
        yield 'a crack that is only fed' => [Material::Waxy, Aim::Restore, FindingKind::Crack, 2, 'never closes; feeding slows it', Prospect::Stays];
        yield 'a crack that is filled' => [Material::Pigmented, Aim::Restore, FindingKind::Crack, 3, 'can be filled and coloured', Prospect::Stays];
        yield 'a scratch on undyed leather' => [Material::VegTan, Aim::Restore, FindingKind::Scratch, 2, 'fed and rubbed warm', Prospect::Softer];
        yield 'a scratch under cream' => [Material::Pigmented, Aim::Freshen, FindingKind::Scratch, 2, 'coloured in; a nail', Prospect::Softer];
        yield 'a scuff on nap' => [Material::Suede, Aim::Freshen, FindingKind::Scuff, 2, 'brushed up', Prospect::Softer];
        yield 'a dent that is not filled' => [Material::Aniline, Aim::Restore, FindingKind::Gouge, 2, 'coloured; the dent stays', Prospect::Softer];
        yield 'wax that no solvent may take' => [Material::Aniline, Aim::Restore, FindingKind::WaxBuildUp, 2, 'scraped and brushed thin', Prospect::Softer];
        yield 'wax that a solvent takes' => [Material::Pigmented, Aim::Freshen, FindingKind::WaxBuildUp, 2, 'will be taken off', Prospect::Gone];
        yield 'fading toned with cream' => [Material::Aniline, Aim::Freshen, FindingKind::Faded, 2, 'toned back with cream', Prospect::Softer];
        yield 'fading where only cream goes' => [Material::Waxy, Aim::Restore, FindingKind::Faded, 2, 'toned back with cream', Prospect::Softer];
        yield 'fading coloured back' => [Material::Aniline, Aim::Restore, FindingKind::Faded, 3, 'will be coloured back', Prospect::Gone];
    }

    #[DataProvider('words')]
    public function testEveryWordOfAPromiseStandsOnADeed(Material $on, Aim $aim, FindingKind $kind, int $severity, string $says, Prospect $prospect): void
    {
        $plan = $this->plan(Shoes::pair()->told('left/vamp', $on, $kind, $severity)->to($aim));
        self::assertCount(1, $plan->expectations);
        self::assertStringContainsString($says, $plan->expectations[0]->sentence);
        self::assertSame($prospect, $plan->expectations[0]->prospect);
    }

    public function testTheSameOnSeveralPartsIsSaidOnce(): void
    {
        $shoes = Shoes::pair()->of(Material::Nubuck);
        foreach (['toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline'] as $part) {
            $shoes = $shoes->with('left/'.$part, FindingKind::GroundInDirt)->with('right/'.$part, FindingKind::GroundInDirt);
        }
        $plan = $this->plan($shoes);
        self::assertSame(
            ['The ground-in dirt on the upper, left and right, will be much paler; what sits in the fibre stays.'],
            array_map(static fn (Expectation $e): string => $e->sentence, $plan->expectations),
        );
        self::assertCount(14, $plan->expectations[0]->places);
    }

    public function testWhatSmellsIsTreatedForItsSmell(): void
    {
        $plan = $this->plan(Shoes::pair()->of(Material::Suede)->with('left/tongue', FindingKind::Odour));
        self::assertNotSame([], array_filter(
            $this->laying($plan, FamilyId::LiningSpray),
            static fn (PlannedStep $s): bool => $s->step->touches(Shoes::place('left/tongue')),
        ));
        self::assertSame([], $this->acts($plan, Action::Erase), 'an eraser takes no smell');
    }

    /** @return list<PlannedStep> */
    private function acts(Plan $plan, Action $action): array
    {
        return array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $action === $s->step->action));
    }

    private function tries(string $place): Step
    {
        return Step::trial([Shoes::place($place)], [FamilyId::Conditioner]);
    }

    private function plan(Shoes $shoes, ?Wishes $wishes = null): Plan
    {
        return Planner::plan($shoes->piece(), Air::reference(), $wishes);
    }

    /** @return list<string> with what colour is laid */
    private function paints(Plan $plan): array
    {
        return array_map(
            static fn (PlannedStep $s): string => $s->step->applicator->value.' '.$s->step->family?->value,
            array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->does(Effect::Paints))),
        );
    }

    /** @return list<PlannedStep> */
    private function laying(Plan $plan, FamilyId $family): array
    {
        return array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->step->family === $family));
    }
}
