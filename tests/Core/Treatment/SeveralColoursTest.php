<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that leaves in several colours: whose turn it is, what is taped meanwhile, and what they share (C-12, O-15). */
final class SeveralColoursTest extends TestCase
{
    /** @var array<string, Shade> */
    private const FIVE = [
        'toe-box' => Shade::Navy, 'eyestay' => Shade::Navy, 'vamp' => Shade::Ivory, 'tongue' => Shade::Ivory,
        'side-panel' => Shade::CherryRed, 'heel-tab' => Shade::CherryRed, 'collar' => Shade::Grey, 'midsole' => Shade::Bottle,
    ];

    /** @return iterable<string, array{string}> */
    public static function sides(): iterable
    {
        yield 'sprayed' => ['airbrush'];
        yield 'by sponge' => ['sponge'];
        yield 'by brush' => ['brush'];
    }

    #[DataProvider('sides')]
    public function testNothingWetIsLaidBesideAnOpenPartInAnotherColour(string $side): void
    {
        $piece = $this->trainers(self::FIVE);
        $plan = $this->plan($piece, $side);
        $laid = $masked = [];
        $beside = 0;
        foreach ($plan->steps as $planned) {
            $step = $planned->step;
            foreach ($step->on as $place) {
                match ($step->action) {
                    Action::Mask => $masked[$place->key] = true,
                    Action::Unmask => $masked = array_diff_key($masked, [$place->key => true]),
                    default => null,
                };
                if (FamilyId::Paint !== $step->family) {
                    continue;
                }
                self::assertArrayNotHasKey($place->key, $masked, $planned->title);
                foreach ($piece->kind->neighbours($place->part) as $name) {
                    $neighbour = $place->half->value.'/'.$name->value;
                    $finished = isset($laid[$neighbour]) && $laid[$neighbour] !== (self::FIVE[$place->part->value] ?? null);
                    $beside += (int) $finished;
                    self::assertTrue(!$finished || isset($masked[$neighbour]), $planned->title.' beside an open '.$neighbour);
                }
                $laid[$place->key] = self::FIVE[$place->part->value] ?? null;
            }
        }
        self::assertCount(16, $laid);
        self::assertGreaterThan(20, $beside, 'they do lie side by side');
        self::assertSame([], Checker::standard()->check($piece, array_map(static fn (PlannedStep $s) => $s->step, $plan->steps)));
    }

    #[DataProvider('sides')]
    public function testTheDarkestComesFirstAndEachColourIsFinishedBeforeTheNext(string $side): void
    {
        $turns = [];
        foreach ($this->plan($this->trainers(self::FIVE), $side)->steps as $planned) {
            if (FamilyId::Paint === $planned->step->family && Phase::Colour === $planned->step->phase && end($turns) !== $planned->shade) {
                $turns[] = $planned->shade;
            }
        }
        self::assertSame([Shade::Navy, Shade::Bottle, Shade::CherryRed, Shade::Grey, Shade::Ivory], $turns);
    }

    /** One pair of hands, step after step: nothing is degreased while the colour beside it still has two hours to go before it may be taped (O-12). */
    #[DataProvider('sides')]
    public function testWhatWasDegreasedIsColouredWithinTheHour(string $side): void
    {
        $ended = [];
        $now = 0.0;
        $windows = 0;
        foreach ($this->plan($this->trainers(self::FIVE), $side)->steps as $planned) {
            $start = $now;
            foreach ($planned->waits as $wait) {
                $start = max($start, $ended[$wait->bond->step] + ($wait->minMinutes ?? 0.0));
            }
            foreach ($planned->waits as $wait) {
                if (null !== $wait->bond->withinMinutes) {
                    ++$windows;
                    $since = $start - $ended[$wait->bond->step];
                    self::assertLessThanOrEqual($wait->bond->withinMinutes, $since, $planned->title.' on the '.$planned->where);
                }
            }
            $ended[$planned->step->id] = $now = $start + $planned->minutes;
        }
        self::assertGreaterThanOrEqual(10, $windows);
    }

    #[DataProvider('sides')]
    public function testOneClearFilmGoesOverAllOfThem(string $side): void
    {
        $seals = $this->of($this->plan($this->trainers(self::FIVE), $side), static fn (PlannedStep $s): bool => FamilyId::Topcoat === $s->step->family);
        self::assertCount(4, $seals, 'two coats on two halves');
        foreach ($seals as $seal) {
            self::assertCount(8, $seal->step->on);
            self::assertCount(1, $seal->step->halves());
        }
    }

    public function testWhereOneIsToShineOtherwiseItHasAFilmOfItsOwn(): void
    {
        $piece = $this->trainers(self::FIVE, ['toe-box' => Gloss::Glow]);
        $seals = $this->of($this->plan($piece, 'airbrush'), static fn (PlannedStep $s): bool => FamilyId::Topcoat === $s->step->family);
        self::assertCount(8, $seals);
        foreach ($seals as $seal) {
            $toe = \in_array('toe-box', array_map(static fn ($p) => $p->part->value, $seal->step->on), true);
            self::assertSame([$toe ? 1 : 7, $toe], [\count($seal->step->on), str_contains($seal->why, 'glow')]);
        }
    }

    public function testATapeServesEveryColourThatItCan(): void
    {
        $masks = $this->of($this->plan($this->trainers(self::FIVE), 'airbrush'), static fn (PlannedStep $s): bool => Action::Mask === $s->step->action);
        /** @var array<string, array<string, int>> $times */
        $times = [];
        foreach ($masks as $mask) {
            foreach ($mask->step->on as $place) {
                $times[$place->part->value][$place->half->value] = ($times[$place->part->value][$place->half->value] ?? 0) + 1;
            }
        }
        foreach (['foxing', 'outsole', 'lining', 'marks'] as $never) {
            self::assertSame(['left' => 1, 'right' => 1], $times[$never] ?? [], $never.' is taped once for all of them');
        }
        self::assertLessThanOrEqual(5, \count($masks), 'both halves, and all that the next colours ask for, in one go');
    }

    public function testTwoColoursOfOneShadeAreTwo(): void
    {
        $light = Lab::of(32.0, 4.0, -34.0);
        $deep = Lab::of(20.0, 6.0, -30.0);
        self::assertSame(Shade::nearest($light), Shade::nearest($deep), 'both are called alike');
        $parts = [];
        foreach ($this->trainers([])->parts as $part) {
            $new = ['toe-box' => $light, 'vamp' => $deep][$part->at->part->value] ?? null;
            $parts[] = null === $new ? $part : $part->going(new Agreed(Aim::Recolour, Gloss::Matt, Patina::Keep, Shade::nearest($new), $new));
        }
        $base = $this->trainers([]);
        $steps = $this->of(
            $this->plan(Piece::of($base->kind, $base->size, $base->agreed, $parts, []), 'sponge'),
            static fn (PlannedStep $s): bool => FamilyId::Paint === $s->step->family,
        );
        $turns = array_values(array_unique(array_map(static fn (PlannedStep $s): string => $s->where, $steps)));
        self::assertSame(['vamp', 'toe box'], $turns, 'the deeper one first');
    }

    public function testAnEdgeWithAColourOfItsOwnIsDressedThoughItIsNotWorn(): void
    {
        $shoes = Shoes::pair(Kind::Derby)->piece();
        $parts = array_map(static fn (Part $p): Part => PartName::SoleEdge === $p->at->part
            ? $p->going(new Agreed(Aim::Recolour, Gloss::Satin, Patina::Keep, Shade::Black)) : $p, array_values($shoes->parts));
        $plan = $this->plan(Piece::of($shoes->kind, $shoes->size, $shoes->agreed, $parts, []), 'sponge');
        $dressed = $this->of($plan, static fn (PlannedStep $s): bool => FamilyId::EdgeDressing === $s->step->family);
        self::assertCount(2, $dressed, 'two coats over another colour');
        self::assertSame([Shade::Black, 2], [$dressed[0]->shade, \count($dressed[0]->step->on)]);
        self::assertSame([], $this->of($this->plan($shoes, 'sponge'), static fn (PlannedStep $s): bool => FamilyId::EdgeDressing === $s->step->family));
    }

    public function testRubberThatGetsAnotherColourIsNotWhitenedFirst(): void
    {
        $yellow = static fn (int $severity): array => [new Finding(Shoes::place('left/midsole'), FindingKind::YellowedRubber, Severity::from($severity))];
        $piece = $this->trainers(['midsole' => Shade::Bottle], found: $yellow(3));
        $families = array_map(static fn (PlannedStep $s): ?FamilyId => $s->step->family, $this->plan($piece, 'sponge')->steps);
        self::assertNotContains(FamilyId::Peroxide, $families);
        self::assertContains(FamilyId::Paint, $families);
        $kept = $this->trainers([], found: $yellow(4));
        self::assertContains(FamilyId::Peroxide, array_map(static fn (PlannedStep $s): ?FamilyId => $s->step->family, $this->plan($kept, 'sponge')->steps));
    }

    public function testNewColoursAreMixedToWhatIsWantedAndFiveTakeLongerThanOne(): void
    {
        $reads = fn (Piece $piece): PlannedStep => $this->of(
            $this->plan($piece, 'sponge'),
            static fn (PlannedStep $s): bool => Action::ReadColour === $s->step->action,
        )[0];
        $five = $reads($this->trainers(self::FIVE));
        self::assertSame(['Read it, and mix the new colours', 63.0], [$five->title, $five->minutes]);
        self::assertSame(23.0, $reads($this->trainers(['vamp' => Shade::Navy]))->minutes);
        self::assertStringNotContainsString('matched to what was there', $five->why);
        $matched = $reads(Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Scuff, 3)->with('left/vamp', FindingKind::Faded, 3)->piece());
        self::assertSame('Read the colour', $matched->title);
    }

    public function testNewThreadIsTonedToTheNewColourOrMayShow(): void
    {
        $sewn = fn (Shoes $shoes): PlannedStep => $this->of(
            $this->plan($shoes->measured('left/vamp', FindingKind::OpenSeam, 3, 40.0)->piece(), 'sponge'),
            static fn (PlannedStep $s): bool => Action::Stitch === $s->step->action,
        )[0];
        $toned = $sewn(Shoes::pair()->recoloured(Shade::Navy));
        self::assertStringContainsString('dye pen', $toned->how);
        self::assertStringContainsString('toned to navy', $toned->supplies[0]->label());
        $shows = $sewn(Shoes::pair()->wishing('left/vamp', Wish::ThreadShows));
        self::assertStringNotContainsString('dye pen', $shows->how);
        self::assertStringContainsString('left to show', $shows->supplies[0]->label());
    }

    public function testWhatIsPaintedNextToItsOldColourIsTaped(): void
    {
        $plan = $this->plan($this->trainers(['toe-box' => Shade::Navy]), 'sponge');
        $masked = array_merge(...array_map(
            static fn (PlannedStep $s): array => array_map(static fn ($p): string => $p->key, $s->step->on),
            $this->of($plan, static fn (PlannedStep $s): bool => Action::Mask === $s->step->action),
        ));
        self::assertContains('left/vamp', $masked, 'the vamp keeps its chestnut');
    }

    /**
     * @param array<string, Shade> $colours by part
     * @param array<string, Gloss> $gloss   by part, where it is not matt
     * @param list<Finding>        $found
     */
    private function trainers(array $colours, array $gloss = [], array $found = []): Piece
    {
        $piece = Shoes::pair(Kind::CourtTrainer)->piece();
        $parts = array_map(static function (Part $part) use ($colours, $gloss): Part {
            $name = $part->at->part->value;

            return isset($colours[$name]) ? $part->going(new Agreed(Aim::Recolour, $gloss[$name] ?? Gloss::Matt, Patina::Keep, $colours[$name])) : $part;
        }, array_values($piece->parts));

        return Piece::of($piece->kind, $piece->size, $piece->agreed, $parts, $found);
    }

    private function plan(Piece $piece, string $side): Plan
    {
        return Planner::plan($piece, Air::reference(), new Wishes(Schools::usual()->with(School::Laying, $side)));
    }

    /**
     * @param \Closure(PlannedStep): bool $which
     *
     * @return list<PlannedStep>
     */
    private function of(Plan $plan, \Closure $which): array
    {
        return array_values(array_filter($plan->steps, $which));
    }
}
