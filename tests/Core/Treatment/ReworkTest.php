<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Planning\ReworkError;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\TestCase;

/** What a person changes in a plan, what the rules say to it, and how it is mended. */
final class ReworkTest extends TestCase
{
    use TestTrait;

    public function testASoundPlanStaysSoundWhenNothingIsChanged(): void
    {
        $rework = $this->painted();
        self::assertSame([], $rework->faults());
        self::assertSame(
            array_map(static fn (Step $s): string => $s->id, $rework->steps),
            array_map(static fn (Step $s): string => $s->id, $rework->tidied($rework->steps, [])->steps),
        );
        self::assertSame([], $rework->tidied($rework->steps, [])->faults());
    }

    public function testWhatIsDroppedIsMissedAndMendedBySettingItBack(): void
    {
        $piece = Shoes::pair()->with('left/heel-stack', FindingKind::EdgeWorn, 3)->piece();
        $rework = Rework::of($piece, Planner::plan($piece, Air::reference())->order());
        $degrease = array_values(array_filter($rework->steps, static fn (Step $s): bool => FamilyId::Alcohol === $s->family))[0];
        $without = $rework->dropped($degrease->id);
        self::assertContains('O-13', $this->rules($without));
        $fault = $without->faults()[0];
        $mended = $without->mended($fault->step, $fault->rule);
        self::assertNotNull($mended);
        self::assertStringContainsString('Put in before it: alcohol', $mended->sentence);
        self::assertLessThan(\count($without->faults()), \count($mended->rework->faults()));
    }

    public function testAStepMovedBeforeWhatItNeedsIsCaughtAndMovedBack(): void
    {
        $rework = $this->painted();
        $cream = $this->first($rework, FamilyId::Conditioner);
        $paint = $this->first($rework, FamilyId::Paint);
        $moved = $rework->moved($cream->id, $paint->id);
        self::assertContains('O-13', $this->rules($moved), 'fat before film');
        self::assertSame($rework->position($paint->id), $moved->position($cream->id));
        $mended = $moved;
        for ($i = 0; $i < 12 && [] !== ($faults = $mended->faults()); ++$i) {
            $next = $mended->mended($faults[0]->step, $faults[0]->rule);
            self::assertNotNull($next, $faults[0]->rule.': '.$faults[0]->message);
            $mended = $next->rework;
        }
        self::assertSame([], $mended->faults());
    }

    public function testAProductThatMayNotBeIsLeftOutWhereItMayNot(): void
    {
        $rework = $this->painted(Material::Suede);
        $wax = $rework->added(Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Cloth, [Shoes::place('left/vamp')]), null);
        self::assertContains('C-4', $this->rules($wax));
        $mended = $wax->mended('h01', 'C-4');
        self::assertSame('Left out.', $mended?->sentence);
        self::assertSame([], $mended->rework->faults());
    }

    public function testASwappedProductAnswersForItself(): void
    {
        $rework = $this->painted();
        $feed = $this->first($rework, FamilyId::Conditioner);
        $swapped = $rework->swapped($feed->id, FamilyId::Oil, Applicator::Cloth);
        self::assertSame(FamilyId::Oil, $swapped->step($feed->id)->family);
        self::assertSame([], $this->rules($swapped), 'it gets the waits that oil asks for');
        $this->expectException(ReworkError::class);
        $rework->swapped($rework->steps[0]->id, FamilyId::Oil, Applicator::Cloth);
    }

    public function testMoreAndFewerCoats(): void
    {
        $rework = $this->painted();
        $paint = $this->first($rework, FamilyId::Paint);
        $count = static fn (Rework $r): int => \count(
            array_filter($r->steps, static fn (Step $s): bool => FamilyId::Paint === $s->family && $s->touches(Shoes::place('left/vamp'))),
        );
        self::assertSame(3, $count($rework));
        $more = $rework->coated($paint->id, 5);
        self::assertSame(5, $count($more));
        self::assertContains('J-7', $this->rules($more), 'the other half has fewer');
        $right = array_values(
            array_filter($more->steps, static fn (Step $s): bool => FamilyId::Paint === $s->family && $s->touches(Shoes::place('right/vamp'))),
        )[0];
        self::assertSame([], array_diff($this->rules($more->coated($right->id, 5)), ['O-19']));
        self::assertSame(1, $count($rework->coated($paint->id, 1)));
        $this->expectException(ReworkError::class);
        $rework->coated($paint->id, 0);
    }

    public function testASkippedWaitIsSaidAndMendedByWaiting(): void
    {
        $rework = $this->painted();
        $top = array_values(array_filter($rework->steps, static fn (Step $s): bool => FamilyId::Topcoat === $s->family))[0];
        $bond = array_values(array_filter($top->after, static fn (After $a): bool => null !== $a->from))[0];
        $hurried = $rework->hurried($top->id, $bond->step);
        self::assertContains('W-1', $this->rules($hurried));
        $mended = $hurried->mended($top->id, 'W-1');
        self::assertSame('It now waits as long as it must.', $mended?->sentence);
        self::assertSame([], $mended->rework->faults());
    }

    public function testAnyChangeGivesAPlanThatCanBeSpokenOf(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(0, 1_000_000), Generators::choose(0, 999), Generators::choose(0, 999))
            ->then(static function (int $number, int $from, int $to): void {
                $piece = AnyPiece::of($number, aim: Aim::Restore);
                $rework = Rework::of($piece, Planner::plan($piece, Air::reference())->order());
                $n = \count($rework->steps);
                if ($n < 3) {
                    return;
                }
                $id = $rework->steps[$from % $n]->id;
                foreach ([$rework->moved($id, $rework->steps[$to % $n]->id === $id ? null : $rework->steps[$to % $n]->id), $rework->dropped($id)] as $changed) {
                    $known = [];
                    foreach ($changed->steps as $step) {
                        foreach ($step->after as $bond) {
                            self::assertArrayHasKey($bond->step, $known, 'a bond to what comes earlier');
                        }
                        $known[$step->id] = true;
                    }
                    foreach (\array_slice($changed->faults(), 0, 1) as $fault) {
                        $mended = $changed->mended($fault->step, $fault->rule);
                        self::assertTrue(null === $mended || \count($mended->rework->faults()) < \count($changed->faults()));
                    }
                }
            });
    }

    public function testWhateverCoatIsSpoiledTheRulesAllowTheWayBack(): void
    {
        $keyed = 0;
        $this->limitTo(60)
            ->forAll(Generators::choose(0, 1_000_000), Generators::choose(0, 999))
            ->then(static function (int $number, int $which) use (&$keyed): void {
                $piece = AnyPiece::of($number, aim: Aim::Restore);
                $rework = Rework::of($piece, Planner::plan($piece, Air::reference())->order());
                $coats = array_values(array_filter($rework->steps, static fn (Step $s): bool => $s->laysFilm()));
                if ([] === $coats) {
                    return;
                }
                $spoiled = $coats[$which % \count($coats)];
                $at = $rework->position($spoiled->id) + 1;
                $again = $rework->laidAgain($spoiled->id, isset($rework->steps[$at]) ? $rework->steps[$at]->id : null);
                self::assertSame([], array_map(static fn ($v): string => $v->rule.' '.$v->message, $again->faults()), "piece $number, {$spoiled->id}");
                $new = array_values(array_filter($again->steps, static fn (Step $s): bool => $s->insteadOf === $spoiled->id))[0];
                self::assertSame([$spoiled->what(), \count($spoiled->on), $spoiled->coat], [$new->what(), \count($new->on), $new->coat]);
                self::assertSame(Action::HandOver, $again->steps[\count($again->steps) - 1]->action);
                $put = \array_slice($again->steps, $at, $again->position($new->id) - $at);
                self::assertContains(array_map(static fn (Step $s): string => $s->what(), $put), [['sand', 'dust-off', 'alcohol'], ['alcohol'], []]);
                foreach ($rework->steps as $late) {
                    foreach ($late->after as $bond) {
                        if (Stage::RecoatUntil === $bond->before) {
                            // Where nothing may be sanded the film below is only warned of.
                            $left = array_filter($rework->keyed($late->id, $bond->step)->faults(), static fn (Violation $v): bool => 'O-18' !== $v->rule);
                            self::assertSame([], $left, 'a window that was missed');
                        }
                    }
                }
                foreach ($again->steps as $step) {
                    if ($step !== $new && !\in_array($step, $put, true)) {
                        self::assertNull($step->bondTo($spoiled->id)?->before, 'no window of the spoiled coat is left');
                    }
                }
                foreach ($put as $i => $step) {
                    $keyed += Action::Sand === $step->action ? 1 : 0;
                    // The spoiled coat is dry before anything touches it.
                    self::assertTrue(0 < $i || null !== $step->bondTo($spoiled->id)?->from);
                }
            });
        self::assertGreaterThan(10, $keyed);
    }

    public function testWhenWorkHasBegunTheRestIsPlannedFromWhatWasDone(): void
    {
        $shoes = Shoes::pair()->to(Aim::Freshen, Gloss::Satin)->with('left/vamp', FindingKind::Scuff, 2);
        $plan = Planner::plan($shoes->piece(), Air::reference());
        $done = array_map(static fn (PlannedStep $s): Need => new Need($s->step, 0, $s->why, $s->rules, $s->shade), \array_slice($plan->steps, 0, 8));
        $same = Planner::plan($shoes->piece(), Air::reference(), Wishes::none(), $done);
        self::assertSame(
            array_map(static fn (PlannedStep $s): string => $s->step->what().implode(',', array_map(strval(...), $s->step->on)), $plan->steps),
            array_map(static fn (PlannedStep $s): string => $s->step->what().implode(',', array_map(strval(...), $s->step->on)), $same->steps),
            'nothing new: the same work is left',
        );
        $found = Planner::plan($shoes->with('left/vamp', FindingKind::GroundInDirt, 3)->piece(), Air::reference(), Wishes::none(), $done);
        $left = array_map(static fn (PlannedStep $s): string => $s->step->what(), \array_slice($found->steps, 8));
        self::assertContains('cleaner-neutral', $left, 'what came to light under the dirt');
        self::assertNotContains('dust-off', $left);
        self::assertSame(
            array_map(static fn (Need $w): string => $w->step->id, $done),
            array_map(static fn (PlannedStep $s): string => $s->step->id, \array_slice($found->steps, 0, 8)),
        );
        self::assertContains(Action::HandOver, array_map(static fn (PlannedStep $s): Action => $s->step->action, $found->steps));
    }

    public function testWhatComesToLightInTheMiddleOfTheWorkMayEndIt(): void
    {
        $shoes = Shoes::pair()->with('left/vamp', FindingKind::Scuff, 2);
        $done = $this->begun($shoes, 4);
        $plan = Planner::plan($shoes->with('right/vamp', FindingKind::RedRot, 2)->piece(), Air::reference(), Wishes::none(), $done);
        self::assertSame('J-6', $plan->referrals[0]->rule);
        self::assertSame(
            array_map(static fn (Need $w): string => $w->step->id, $done),
            array_map(static fn (PlannedStep $s): string => $s->step->id, $plan->steps),
            'what was done stays, nothing is added',
        );
    }

    public function testAHalfThatWasColouredBeforeItsFellowWasSpoiltStaysSo(): void
    {
        $shoes = Shoes::pair()->of(Material::Aniline)->with('left/vamp', FindingKind::Scuff, 2);
        $all = Planner::plan($shoes->piece(), Air::reference())->order();
        $cream = array_keys(array_filter($all, static fn (Step $s): bool => FamilyId::Cream === $s->family && $s->touches(Shoes::place('left/vamp'))))[0];
        $done = $this->begun($shoes, $cream + 1);
        $plan = Planner::plan($shoes->tried('right/vamp', Trial::Product, Outcome::Dulls, FamilyId::Cream)->piece(), Air::reference(), Wishes::none(), $done);
        self::assertSame(
            [],
            array_filter(
                \array_slice($plan->order(), \count($done)),
                static fn (Step $s): bool => FamilyId::Cream === $s->family && $s->touches(Shoes::place('right/vamp')),
            ),
        );
        self::assertSame(Action::HandOver, $plan->order()[\count($plan->steps) - 1]->action);
    }

    public function testTheHourIsKeptFromWhereTheWorkStands(): void
    {
        $shoes = Shoes::pair()->to(Aim::ReadyFast)->with('left/vamp', FindingKind::Scuff, 2);
        $done = $this->begun($shoes, 4);
        $plan = Planner::plan($shoes->piece(), Air::reference(), new Wishes(Schools::usual(), [], 150.0), $done);
        self::assertLessThanOrEqual(150.0, $plan->elapsedMinutes);
        self::assertContains('cream', array_map(static fn ($d): string => $d->what, $plan->dropped));
        self::assertSame(
            array_map(static fn (Need $w): string => $w->step->id, $done),
            array_map(static fn (Step $s): string => $s->id, \array_slice($plan->order(), 0, 4)),
        );
    }

    /** @return list<Need> the first steps of a plan, as done */
    private function begun(Shoes $shoes, int $steps): array
    {
        return array_map(
            static fn (PlannedStep $s): Need => new Need($s->step, 0, $s->why, $s->rules, $s->shade),
            \array_slice(Planner::plan($shoes->piece(), Air::reference())->steps, 0, $steps),
        );
    }

    private function painted(Material $material = Material::Pigmented): Rework
    {
        $piece = Shoes::pair()
            ->of($material)
            ->to(Aim::Restore, Gloss::Matt)
            ->with('left/vamp', FindingKind::Scuff, 3)
            ->dry('left/vamp', Dryness::Thirsty)
            ->piece();

        return Rework::of($piece, Planner::plan($piece, Air::reference())->order());
    }

    private function first(Rework $rework, FamilyId $family): Step
    {
        return array_values(array_filter($rework->steps, static fn (Step $s): bool => $s->family === $family && $s->touches(Shoes::place('left/vamp'))))[0];
    }

    /** @return list<string> */
    private function rules(Rework $rework): array
    {
        return array_values(array_unique(array_map(static fn (Violation $v): string => $v->rule, $rework->faults())));
    }
}
