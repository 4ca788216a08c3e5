<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\TestCase;

/** Good restorers disagree: each side of each school, and what it changes. */
final class SchoolsTest extends TestCase
{
    public function testEverySchoolHasSidesAndAReason(): void
    {
        self::assertCount(12, School::cases());
        foreach (School::cases() as $school) {
            self::assertGreaterThan(1, \count($school->sides()));
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $school->usual());
            self::assertFalse($school->isSide('something else'));
        }
        self::assertSame('dry-first', Schools::of(['cleaning' => 'dry-first'])->side(School::Cleaning, 'damp-first'));
        self::assertTrue(Schools::of(['cleaning' => 'dry-first'])->chose(School::Cleaning));
        $this->expectException(\DomainException::class);
        Schools::of(['cleaning' => 'fire-first']);
    }

    public function testWhoStartsDryWetsOnlyWhatIsCausticOrSticky(): void
    {
        $dusty = Shoes::pair()->with('left/vamp', FindingKind::Dust);
        self::assertContains('damp-cloth', $this->what($dusty, []));
        self::assertNotContains('damp-cloth', $this->what($dusty, ['cleaning' => 'dry-first']));
        self::assertContains('damp-cloth', $this->what(Shoes::pair()->with('left/vamp', FindingKind::RoadSalt), ['cleaning' => 'dry-first']));
        self::assertContains('cleaner-cream', $this->what($dusty, ['cleaning' => 'wash-first']));
    }

    public function testOilIsForBareAndWorkLeatherThatIsThirsty(): void
    {
        $work = Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->dry('left/vamp', Dryness::Thirsty);
        self::assertContains('conditioner', $this->what($work, []));
        self::assertContains('oil', $this->what($work, ['feeding' => 'oil']));
        self::assertNotContains('oil', $this->what(Shoes::pair()->dry('left/vamp', Dryness::Thirsty), ['feeding' => 'oil']), 'not on what has a film');
        $told = array_map(
            static fn ($r): string => $r->text,
            Planner::plan($work->piece(), Air::reference(), new Wishes(Schools::of(['feeding' => 'oil'])))->tellOwner,
        );
        self::assertStringContainsString('darkens the vamp for good', implode(' ', $told));
    }

    public function testConditionerIsWorkedInByHandOrByCloth(): void
    {
        $dry = Shoes::pair()->dry('left/vamp', Dryness::Thirsty);
        self::assertSame(Applicator::Fingers, $this->laying($dry, [], FamilyId::Conditioner)->applicator);
        self::assertSame(Applicator::Cloth, $this->laying($dry, ['conditioner' => 'cloth'], FamilyId::Conditioner)->applicator);
    }

    public function testWetWorkGetsThickWaxOnlyWhereTheSchoolOrTheAimSaysSo(): void
    {
        $boot = Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->to(Aim::WorkProof);
        self::assertContains('heavy-wax', $this->what($boot, []));
        self::assertNotContains('heavy-wax', $this->what($boot, ['wet-work' => 'cream']));
        self::assertContains('repellent', $this->what($boot, ['wet-work' => 'cream']));
    }

    public function testLargePlainAreasAreDampenedBeforeDyeAndSpotsAreNot(): void
    {
        $faded = Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3);
        $damped = fn (Shoes $shoes, string $side = 'damp'): int => \count(
            array_filter(
                $this->steps($shoes, ['dyeing' => $side]),
                static fn (Step $s): bool => FamilyId::DampCloth === $s->family && 'colour' === $s->phase->value,
            ),
        );
        self::assertSame(1, $damped($faded));
        self::assertSame(0, $damped($faded, 'dry'));
        self::assertSame(
            1,
            $damped(
                Shoes::pair()
                    ->of(Material::Aniline)
                    ->to(Aim::Restore)
                    ->with('left/vamp', FindingKind::Faded, 3)
                    ->with('left/quarter', FindingKind::BleachedSpot, 2),
            ),
            'the quarter with the spot stays dry',
        );
    }

    public function testPaintIsSprayedOnLargePartsAndSpongedOnSmallOnes(): void
    {
        $vamp = Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Scuff, 3);
        self::assertSame(Applicator::Airbrush, $this->laying($vamp, [], FamilyId::Paint)->applicator);
        self::assertSame(Applicator::Brush, $this->laying($vamp, ['laying' => 'brush'], FamilyId::Paint)->applicator);
        self::assertSame(
            Applicator::Sponge,
            $this->laying(Shoes::pair()->to(Aim::Restore)->with('left/facing', FindingKind::Scuff, 3), [], FamilyId::Paint)->applicator,
        );
    }

    public function testWarmAirIsOfferedOnFilmsAlone(): void
    {
        $vamp = Shoes::pair()->to(Aim::Restore)->with('left/vamp', FindingKind::Scuff, 3)->dry('left/vamp', Dryness::Thirsty);
        foreach ($this->planned($vamp, []) as $step) {
            self::assertSame(\in_array($step->step->family, [FamilyId::Paint, FamilyId::Topcoat], true), str_contains($step->how, 'Warm air'), $step->title);
        }
        foreach ($this->planned($vamp, ['drying' => 'leave']) as $step) {
            self::assertStringNotContainsString('Warm air', $step->how);
        }
    }

    public function testBareDyedLeatherGetsAResistOrIsOnlyFed(): void
    {
        $faded = Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', FindingKind::Faded, 3);
        self::assertContains('resin', $this->what($faded, []));
        self::assertNotContains('resin', $this->what($faded, ['bare-finish' => 'conditioner-only']));
        self::assertContains('conditioner', $this->what($faded, ['bare-finish' => 'conditioner-only']));
    }

    public function testBootsAreWaxedOrSprayed(): void
    {
        self::assertContains('wax', $this->what(Shoes::pair(Kind::Chelsea), []));
        self::assertNotContains('repellent', $this->what(Shoes::pair(Kind::Chelsea), []));
        self::assertNotContains('wax', $this->what(Shoes::pair(Kind::Chelsea), ['boot-finish' => 'repellent']));
        self::assertContains('repellent', $this->what(Shoes::pair(Kind::Chelsea), ['boot-finish' => 'repellent']));
        self::assertNotContains('wax', $this->what(Shoes::pair(Kind::FieldBoot), []));
    }

    public function testBurnishedLeatherIsBuffedByHand(): void
    {
        $how = fn (Shoes $shoes, ?string $side = null): string => implode(
            ' ',
            array_map(static fn (PlannedStep $s): string => $s->title, $this->planned($shoes, null === $side ? [] : ['buffing' => $side])),
        );
        self::assertStringContainsString('Burnish with the hand', $how(Shoes::pair()->of(Material::Burnished)));
        self::assertStringNotContainsString('Burnish with the hand', $how(Shoes::pair()->of(Material::Burnished), 'brush-cloth'));
        self::assertStringContainsString('Burnish with the hand', $how(Shoes::pair(), 'hand'));
    }

    public function testTrainersAreWashedWholeOnlyWhereTheSchoolAndTheBondAllow(): void
    {
        $trainer = Shoes::pair(Kind::SkateTrainer)
            ->of(Material::Textile)
            ->with('left/vamp', FindingKind::GroundInDirt, 3)
            ->with('right/vamp', FindingKind::GroundInDirt, 3);
        self::assertNotContains('wash', $this->what($trainer, []));
        self::assertContains('wash', $this->what($trainer, ['trainer-wash' => 'machine']));
        $parting = $this->what($trainer->with('left/midsole', FindingKind::SoleParting, 2), ['trainer-wash' => 'machine']);
        self::assertNotContains('wash', $parting);
        self::assertContains('foam-cleaner', $parting, 'by hand instead');
    }

    public function testAShortSpellADayLeavesTheNightsForDrying(): void
    {
        $shoes = Shoes::pair()->to(Aim::Freshen, Gloss::Satin)->dry('left/vamp', Dryness::Thirsty)->with('left/vamp', FindingKind::Scuff, 2);
        $elapsed = static fn (?string $pace): float => Planner::plan(
            $shoes->piece(),
            Air::reference(),
            new Wishes(Schools::of(null === $pace ? [] : ['pace' => $pace])),
        )->elapsedMinutes;
        self::assertGreaterThan($elapsed('one-go') + 720.0, $elapsed('overnight'));
        self::assertSame($elapsed(null), $elapsed('one-go'));
        $cream = array_values(
            array_filter(
                $this->steps($shoes, ['pace' => 'overnight']),
                static fn (Step $s): bool => FamilyId::Cream === $s->family && $s->touches(Shoes::place('left/vamp')),
            ),
        )[0];
        self::assertContains(Stage::Full, array_map(static fn (After $a): ?Stage => $a->from, $cream->after), 'the conditioner has come to rest');
    }

    public function testAMirrorStaysAMirrorUnderEverySchool(): void
    {
        foreach (School::cases() as $school) {
            foreach (array_keys($school->sides()) as $side) {
                self::assertCount(
                    5,
                    array_filter(
                        $this->what(Shoes::pair()->to(Aim::Freshen, Gloss::Mirror), [$school->value => $side]),
                        static fn (string $w): bool => 'wax' === $w,
                    ),
                    $side,
                );
            }
        }
    }

    /**
     * @param array<string, string> $schools
     *
     * @return list<PlannedStep>
     */
    private function planned(Shoes $shoes, array $schools): array
    {
        return Planner::plan($shoes->piece(), Air::reference(), new Wishes(Schools::of($schools)))->steps;
    }

    /**
     * @param array<string, string> $schools
     *
     * @return list<Step>
     */
    private function steps(Shoes $shoes, array $schools): array
    {
        return array_map(static fn (PlannedStep $s): Step => $s->step, $this->planned($shoes, $schools));
    }

    /**
     * @param array<string, string> $schools
     *
     * @return list<string>
     */
    private function what(Shoes $shoes, array $schools): array
    {
        return array_map(static fn (Step $s): string => $s->what(), $this->steps($shoes, $schools));
    }

    /** @param array<string, string> $schools */
    private function laying(Shoes $shoes, array $schools, FamilyId $family): Step
    {
        return array_values(array_filter($this->steps($shoes, $schools), static fn (Step $s): bool => $s->family === $family && !$s->isSpot()))[0];
    }
}
