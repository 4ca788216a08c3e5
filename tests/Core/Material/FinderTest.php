<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Material;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Material\Belief;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Finder;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** From a guess to what is known, by the trial that settles most for the least risk. */
final class FinderTest extends TestCase
{
    public function testTwoCandidatesAndADropOfWaterWorkedByHand(): void
    {
        // Before: pigmented 1 : aniline 0.8. A bead is seen on 0.993 of pigmented and 0.003 of aniline.
        $before = Belief::among([Material::Pigmented, Material::Aniline]);
        self::assertEqualsWithDelta(0.5556, $before->of(Material::Pigmented), 1e-4);
        self::assertEqualsWithDelta(0.9911, $before->entropy(), 1e-4);
        $bead = new TrialResult(Trial::WaterDrop, Outcome::Beads);
        self::assertSame([0.993, 0.003], [Material::Pigmented->shows($bead), Material::Aniline->shows($bead)]);
        self::assertEqualsWithDelta(0.5530, $before->chanceOf($bead), 1e-4);
        // 0.5556 · 0.993 / (0.5556 · 0.993 + 0.4444 · 0.003) = 0.99759
        $after = $before->after($bead);
        self::assertEqualsWithDelta(0.99759, $after->of(Material::Pigmented), 1e-5);
        self::assertSame(Certainty::Known, $after->certainty());
        self::assertNull(Finder::next($after), 'nothing is tried on what is known');
    }

    public function testProbabilitiesAddUpAndTheOrderOfTrialsDoesNotMatter(): void
    {
        $results = [
            new TrialResult(Trial::Loupe, Outcome::Pores),
            new TrialResult(Trial::WaterDrop, Outcome::AbsorbsSlowly),
            new TrialResult(Trial::CutEdge, Outcome::SkinOnCore),
        ];
        $candidates = Kind::Oxford->materialsFor(PartName::Vamp);
        $one = Finder::belief($candidates, $results);
        $other = Finder::belief($candidates, array_reverse($results));
        self::assertEqualsWithDelta(1.0, array_sum(array_map($one->of(...), $candidates)), 1e-9);
        foreach ($candidates as $material) {
            self::assertEqualsWithDelta($one->of($material), $other->of($material), 1e-12);
        }
        self::assertSame(Material::Burnished, $one->likeliest());
    }

    public function testEveryRowOfTheTableAddsUpToOneAndEveryMaterialIsInIt(): void
    {
        foreach (Trial::cases() as $trial) {
            foreach (Material::cases() as $material) {
                $sum = array_sum(array_map(static fn (Outcome $o): float => $material->shows(new TrialResult($trial, $o)), $trial->outcomes()));
                self::assertEqualsWithDelta($trial->identifies() ? 1.0 : (float) \count($trial->outcomes()), $sum, 2e-3, $trial->value.' on '.$material->value);
            }
        }
    }

    /** @return iterable<string, array{Material, Trial, Outcome}> the signs that the workshop's table names, each the likeliest outcome */
    public static function mainSigns(): iterable
    {
        foreach (
            [
                [Material::Aniline, Trial::WaterDrop, Outcome::AbsorbsAtOnce],
                [Material::SemiAniline, Trial::WaterDrop, Outcome::AbsorbsSlowly],
                [Material::Pigmented, Trial::WaterDrop, Outcome::Beads],
                [Material::Waxy, Trial::NailPress, Outcome::MarksWarmAway],
                [Material::Pigmented, Trial::NailPress, Outcome::NoMark],
                [Material::VegTan, Trial::NailPress, Outcome::Marks],
                [Material::Suede, Trial::Loupe, Outcome::Nap],
                [Material::Nubuck, Trial::Loupe, Outcome::Velvet],
                [Material::ReptileMatt, Trial::Loupe, Outcome::Scales],
                [Material::Embossed, Trial::Loupe, Outcome::Print],
                [Material::Burnished, Trial::AlcoholBud, Outcome::ColourLifts],
                [Material::Pigmented, Trial::AlcoholBud, Outcome::FilmSoftens],
                [Material::RacingHide, Trial::AlcoholBud, Outcome::NoChange],
                [Material::Pigmented, Trial::CutEdge, Outcome::SkinOnCore],
                [Material::Aniline, Trial::CutEdge, Outcome::ColouredThrough],
                [Material::CoatedCanvas, Trial::CutEdge, Outcome::ClothCore],
                [Material::LeatherStack, Trial::HeelStack, Outcome::RealStack],
                [Material::PlasticStack, Trial::HeelStack, Outcome::PrintedSkin],
                [Material::SheepNappa, Trial::WhiteCloth, Outcome::ColourOffDamp],
            ] as [$material, $trial, $outcome]
        ) {
            yield $material->value.' '.$trial->value => [$material, $trial, $outcome];
        }
    }

    #[DataProvider('mainSigns')]
    public function testTheTableSaysWhatTheTradeSays(Material $material, Trial $trial, Outcome $outcome): void
    {
        $chances = array_map(static fn (Outcome $o): float => $material->shows(new TrialResult($trial, $o)), $trial->outcomes());
        self::assertSame($outcome, $trial->outcomes()[array_search(max($chances), $chances, true)]);
    }

    /** @return iterable<string, array{non-empty-list<Material>, list<Trial>}> */
    public static function parts(): iterable
    {
        foreach (
            [
                [Kind::Oxford, PartName::Vamp],
                [Kind::WorkBoot, PartName::Shaft],
                [Kind::RidingBoot, PartName::Shaft],
                [Kind::CourtTrainer, PartName::SidePanel],
                [Kind::Satchel, PartName::Front],
                [Kind::Jacket, PartName::Body],
                [Kind::OnePieceSuit, PartName::Seat],
                [Kind::Belt, PartName::Face],
            ] as [$kind, $part]
        ) {
            yield $kind->value => [$kind->materialsFor($part), [Trial::HeelStack]];
        }
        yield 'heel' => [Kind::Oxford->materialsFor(PartName::HeelStack), [Trial::CutEdge]];
    }

    /**
     * Four hundred parts whose stuff is drawn by how usual it is, and whose trials show what the table gives.
     *
     * @param non-empty-list<Material> $candidates
     * @param list<Trial>              $outOfReach
     */
    #[DataProvider('parts')]
    public function testItNamesTheRightOneWithFewTrialsAndNeverRisksWhatIsStillLikely(array $candidates, array $outOfReach): void
    {
        $random = new Randomizer(new Mt19937(20260302));
        $prior = Belief::among($candidates);
        $right = $trials = 0;
        for ($i = 0; $i < 400; ++$i) {
            $true = self::draw($random, $candidates, $prior->of(...));
            $belief = $prior;
            $done = [];
            while (null !== ($proposal = Finder::next($belief, $done, $outOfReach))) {
                $fragile = 0;
                foreach ($candidates as $material) {
                    $risk = $material->harmedBy($proposal->trial);
                    self::assertFalse(
                        $belief->of($material) >= Finder::STILL_LIKELY && $risk >= Finder::FORBIDDEN,
                        $proposal->trial->value.' is forbidden on '.$material->value,
                    );
                    $fragile += $belief->of($material) >= 0.1 && $risk >= Finder::RISKY ? 1 : 0;
                }
                self::assertLessThan(2, $fragile, 'nothing risky while two fragile ones are likely');
                $outcome = self::draw(
                    $random,
                    $proposal->trial->outcomes(),
                    static fn (Outcome $o): float => $true->shows(new TrialResult($proposal->trial, $o)),
                );
                $belief = $belief->after(new TrialResult($proposal->trial, $outcome));
                $done[] = $proposal->trial;
                ++$trials;
            }
            $right += $belief->likeliest() === $true ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(380, $right);
        self::assertLessThanOrEqual(1600, $trials);
    }

    public function testALookComesBeforeADropAndAlcoholNeverWhileItMayBeBurnished(): void
    {
        $belief = Belief::among(Kind::Oxford->materialsFor(PartName::Vamp));
        self::assertSame(Trial::Loupe, Finder::next($belief)?->trial);
        self::assertFalse(Finder::mayBeDone(Trial::AlcoholBud, $belief));
        self::assertTrue(Finder::mayBeDone(Trial::AlcoholBud, Belief::among([Material::Pigmented, Material::RacingHide])));
        self::assertFalse(Finder::mayBeDone(Trial::WaterDrop, Belief::among([Material::VegTan, Material::ReptileMatt])));
    }

    public function testATrialThatSettlesALittleMoreAndMarksThePieceIsPassedOver(): void
    {
        $belief = Belief::among([Material::ReptileMatt, Material::Embossed]);
        self::assertGreaterThan(Finder::gain(Trial::Loupe, $belief), Finder::gain(Trial::WaterDrop, $belief));
        self::assertSame(Trial::Loupe, Finder::next($belief)?->trial, 'looking does no harm');
        self::assertSame(Trial::WaterDrop, Finder::next($belief, [Trial::Loupe])?->trial, 'it is done where nothing gentler is left');
    }

    public function testHarmIsThatOfEachWeighedByHowLikelyItIs(): void
    {
        // Pigmented 0.5556 takes alcohol at 0.2, aniline 0.4444 not at all.
        $belief = Belief::among([Material::Pigmented, Material::Aniline]);
        self::assertEqualsWithDelta(0.5556 * 0.2 + 0.4444 * 1.0, Finder::harm(Trial::AlcoholBud, $belief), 1e-4);
        self::assertSame(0.2, Finder::harm(Trial::AlcoholBud, Belief::among([Material::Pigmented])));
    }

    public function testOneLikelyMaterialOnWhichItIsForbiddenIsEnough(): void
    {
        self::assertFalse(Finder::mayBeDone(Trial::AlcoholBud, Belief::among([Material::Pigmented, Material::Aniline])), 'it may be aniline');
        $bead = Belief::among([Material::Pigmented, Material::Aniline])->after(new TrialResult(Trial::WaterDrop, Outcome::Beads));
        self::assertLessThan(Finder::STILL_LIKELY, $bead->of(Material::Aniline));
        self::assertTrue(Finder::mayBeDone(Trial::AlcoholBud, $bead), 'it hardly is any more');
    }

    public function testAnExpectedGainIsNeverNegativeAndHarmIsAWeightedMean(): void
    {
        foreach (self::parts() as [$candidates]) {
            $belief = Belief::among($candidates);
            foreach (array_filter(Trial::cases(), static fn (Trial $t): bool => $t->identifies()) as $trial) {
                self::assertGreaterThanOrEqual(-1e-9, Finder::gain($trial, $belief), $trial->value);
                self::assertThat(Finder::harm($trial, $belief), self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)));
            }
        }
    }

    public function testTrialsThatNoMaterialShowsTogetherArePointedOut(): void
    {
        $candidates = Kind::Oxford->materialsFor(PartName::Vamp);
        $scales = new TrialResult(Trial::Loupe, Outcome::Nap);
        $beads = new TrialResult(Trial::WaterDrop, Outcome::Beads);
        $found = Finder::contradictions($candidates, [$scales, $beads]);
        self::assertCount(1, $found);
        self::assertStringContainsString('“nap, both ways”', $found[0]->sentence());
        self::assertStringContainsString('“it stands as a bead”', $found[0]->sentence());
        self::assertSame(
            [],
            Finder::contradictions($candidates, [
                new TrialResult(Trial::Loupe, Outcome::Pores),
                new TrialResult(Trial::WaterDrop, Outcome::AbsorbsAtOnce),
                new TrialResult(Trial::NailPress, Outcome::Marks),
            ]),
        );
    }

    public function testATrialCannotEndAsAnotherDoes(): void
    {
        $this->expectException(\DomainException::class);
        new TrialResult(Trial::WaterDrop, Outcome::Chars);
    }

    public function testWordsForEveryTrialAndOutcome(): void
    {
        foreach (Trial::cases() as $trial) {
            self::assertMatchesRegularExpression('/^\p{Lu}.+[.?]$/u', $trial->how());
            self::assertNotSame('', $trial->label());
        }
        $shown = array_merge(...array_map(static fn (Trial $t): array => $t->outcomes(), Trial::cases()));
        foreach (Outcome::cases() as $outcome) {
            self::assertContains($outcome, $shown, $outcome->value.' comes of no trial');
            self::assertNotSame('', $outcome->label());
        }
    }

    /**
     * @template T
     *
     * @param non-empty-list<T>  $among
     * @param \Closure(T): float $weight
     *
     * @return T
     */
    private static function draw(Randomizer $random, array $among, \Closure $weight): mixed
    {
        $left = $random->getInt(0, 999_999) / 1_000_000;
        foreach ($among as $one) {
            $left -= $weight($one);
            if ($left < 0.0) {
                return $one;
            }
        }

        return $among[\count($among) - 1];
    }
}
