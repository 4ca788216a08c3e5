<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\TestCase;

/** What holds for pieces of every family, in any state, under any wishes. */
final class AnyPieceTest extends TestCase
{
    use TestTrait;

    /** Steps without which something after them would do harm. */
    private const BINDING = [Action::Photograph, Action::DustOff, Action::Trial, Action::Mask, Action::Unmask, Action::RubOff];

    public function testWhatIsPlannedIsNeverFaultedAndAlwaysTheSame(): void
    {
        $this->limitTo(120)->forAll(Generators::choose(0, 1_000_000))->then(function (int $number): void {
            $piece = AnyPiece::of($number);
            $wishes = AnyPiece::wishes($number);
            $plan = Planner::plan($piece, Air::reference(), $wishes);
            self::assertSame([], Checker::standard()->check($piece, $plan->order()));
            self::assertEquals($plan, Planner::plan($piece, Air::reference(), $wishes), 'the same piece gets the same plan');
            $this->isSpokenFor($piece, $plan, $wishes);
        });
    }

    public function testWhateverOfWhatWasDoneIsOpenedAgainTheRestCanBePlanned(): void
    {
        $this->limitTo(120)->forAll(Generators::choose(0, 1_000_000))->then(static function (int $number): void {
            $piece = AnyPiece::of($number);
            $steps = Planner::plan($piece, Air::reference())->steps;
            $begun = \array_slice($steps, 0, intdiv(\count($steps) * ($number % 9 + 1), 10));
            // Every third of them, beginning somewhere, is open again.
            $done = array_values(array_filter($begun, static fn (int $i): bool => 0 !== ($i + $number) % 3, \ARRAY_FILTER_USE_KEY));
            $needs = array_map(static fn (PlannedStep $s): Need => new Need($s->step, 0, $s->why, $s->rules, $s->shade), $done);
            $order = Planner::plan($piece, Air::reference(), null, $needs)->order();
            self::assertSame(
                array_map(static fn (PlannedStep $s): string => $s->step->id, $done),
                array_map(static fn (Step $s): string => $s->id, \array_slice($order, 0, \count($done))),
                'what was done stays, in its order',
            );
            $earlier = [];
            foreach ($order as $step) {
                foreach ($step->after as $bond) {
                    self::assertArrayHasKey($bond->step, $earlier, $step->id.' waits for what comes later or never');
                }
                $earlier[$step->id] = true;
            }
        });
    }

    private function isSpokenFor(Piece $piece, Plan $plan, Wishes $wishes): void
    {
        $known = RuleBook::sentences();
        foreach ($plan->steps as $planned) {
            self::assertNotSame([], $planned->rules, $planned->title);
            foreach ([...$planned->rules, ...$planned->cautions] as $rule) {
                self::assertArrayHasKey($rule, $known, $planned->title);
            }
            foreach ($planned->step->on as $place) {
                self::assertNotNull($piece->part($place), $planned->title);
            }
            self::assertTrue(
                null === $planned->step->family || null === $wishes->excludes($planned->step->family, $planned->step->applicator),
                $planned->title.' was not wanted'
            );
            self::assertGreaterThanOrEqual(1.0, $planned->minutes);
            self::assertMatchesRegularExpression('/^\p{Lu}.*[^.]$/u', $planned->title);
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $planned->how);
        }
        foreach ([...$plan->refused, ...$plan->referrals, ...$plan->tellOwner] as $said) {
            self::assertArrayHasKey($said->rule, $known, $said->text);
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $said->text);
            self::assertStringNotContainsString('waterproof', mb_strtolower($said->text));
        }
    }

    public function testAStepTakenOutOfASoundPlanIsMissed(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(0, 1_000_000))
            ->then(static function (int $number): void {
                $piece = AnyPiece::of($number, aim: Aim::Restore);
                $order = Planner::plan($piece, Air::reference())->order();
                foreach ($order as $i => $step) {
                    $binds = \in_array($step->action, self::BINDING, true) || (FamilyId::Alcohol === $step->family && Phase::Degrease === $step->phase);
                    $masks = static fn (Step $s): bool => Action::Mask === $s->action && $s->touches($step->on[0]);
                    $again = Action::Unmask === $step->action && [] !== array_filter(\array_slice($order, $i + 1), $masks);
                    if (
                        !$binds
                        || $again
                        || (Action::Photograph === $step->action && $step->coat > 1)
                        || (Action::DustOff === $step->action
                            && [] === array_filter($order, static fn (Step $s): bool => $s->laysProduct() && $s->touches($step->on[0])))
                    ) {
                        continue;
                    }
                    $rest = $order;
                    unset($rest[$i]);
                    self::assertNotSame(
                        [],
                        Checker::standard()->check($piece, array_values($rest)),
                        $number.': '.$step->what().' was not missed on '.$step->on[0]->key,
                    );
                }
            });
    }

    public function testTwoStepsOfWhichOneMustFollowTheOtherInTimeAreNotExchanged(): void
    {
        $this->limitTo(15)->forAll(Generators::choose(0, 1_000_000))->then(static function (int $number): void {
            $piece = AnyPiece::of($number, aim: Aim::Restore);
            $order = Planner::plan($piece, Air::reference())->order();
            $at = array_flip(array_map(static fn (Step $s): string => $s->id, $order));
            foreach ($order as $i => $step) {
                foreach ($step->after as $bond) {
                    if (null !== $bond->withinMinutes || null !== $bond->before) {
                        $swapped = $order;
                        [$swapped[$i], $swapped[$at[$bond->step]]] = [$swapped[$at[$bond->step]], $swapped[$i]];
                        self::assertNotSame([], Checker::standard()->check($piece, array_values($swapped)), $number.': '.$step->what().' before '.$bond->step);
                    }
                }
            }
        });
    }

    public function testAimsKeepTheirWord(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(0, 1_000_000))
            ->then(static function (int $number): void {
                $laid = static function (Aim $aim) use ($number): array {
                    $piece = AnyPiece::of($number);
                    $plain = Piece::asTold(
                        $piece->kind,
                        $piece->size,
                        new Agreed($aim),
                        array_map(
                            static fn ($p) => new Part($p->at, $p->material, $p->certainty, $p->dryness, $p->shade, $p->flags),
                            array_values($piece->parts),
                        ),
                        $piece->findings,
                        $piece->trials,
                    );

                    return array_map(static fn (Step $s): string => $s->what(), Planner::plan($plain, Air::reference())->order());
                };
                self::assertSame(
                    [],
                    array_intersect($laid(Aim::Keep), ['cream', 'wax', 'dye-spirit', 'dye-water', 'paint', 'touch-up', 'edge-dressing', 'filler']),
                );
                self::assertSame(
                    [],
                    array_intersect($laid(Aim::Freshen), ['dye-spirit', 'dye-water', 'paint', 'touch-up', 'filler', 'crack-filler', 'primer']),
                );
                self::assertSame([], array_intersect($laid(Aim::WorkProof), ['cream', 'dye-spirit', 'paint', 'edge-dressing']));
            });
    }

    public function testTheHourIsKeptAndWhatItCostsIsSaid(): void
    {
        $this->limitTo(25)
            ->forAll(Generators::choose(0, 1_000_000), Generators::elements(45.0, 180.0, 600.0, 1440.0, 10_000.0))
            ->then(static function (int $number, float $minutes): void {
                $piece = AnyPiece::of($number, aim: Aim::ReadyFast);
                $plan = Planner::plan($piece, Air::reference(), new Wishes(Schools::usual(), readyInMinutes: $minutes));
                self::assertLessThanOrEqual($minutes, $plan->elapsedMinutes);
                self::assertSame([], Checker::standard()->check($piece, $plan->order()));
                $unhurried = Planner::plan($piece, Air::reference());
                if ($unhurried->elapsedMinutes > $minutes) {
                    self::assertNotSame([], $plan->dropped, (string) $number);
                    self::assertNotSame('', $plan->dropped[0]->cost);
                } else {
                    self::assertSame([], $plan->dropped);
                }
            });
    }

    public function testStepsGrowWithThePartsAndNotFaster(): void
    {
        $small = Planner::plan(AnyPiece::of(7, Kind::DanceShoe, Aim::Restore, 4), Air::reference());
        $large = Planner::plan($piece = AnyPiece::of(7, Kind::LaceBoot, Aim::Restore, 12), Air::reference());
        self::assertGreaterThan(150, \count($piece->findings));
        self::assertLessThan(12 * \count($piece->parts), \count($large->steps));
        self::assertGreaterThan(10, \count($small->steps));
    }

    public function testHalvesDifferWhereTheirFindingsDo(): void
    {
        $this->limitTo(30)
            ->forAll(Generators::choose(0, 1_000_000))
            ->then(static function (int $number): void {
                $piece = AnyPiece::of($number, Kind::Derby, Aim::Restore);
                $plan = Planner::plan($piece, Air::reference());
                foreach ($piece->parts as $part) {
                    $fellow = $piece->part($part->at->fellow());
                    if (null === $fellow || $fellow->material !== $part->material || Material::Metal === $part->material) {
                        continue;
                    }
                    foreach ([FamilyId::DyeSpirit, FamilyId::Paint, FamilyId::Cream, FamilyId::EdgeDressing] as $colour) {
                        $coats = static fn (Place $at): int => \count(
                            array_filter(
                                $plan->steps,
                                static fn (PlannedStep $s): bool => $colour === $s->step->family && !$s->step->isSpot() && $s->step->touches($at),
                            ),
                        );
                        self::assertSame($coats($part->at), $coats($fellow->at), $number.': '.$colour->value.' on '.$part->at->key);
                    }
                }
            });
    }
}
