<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use PHPUnit\Framework\TestCase;

/** What is no low shoe is planned by the same rules; what this plan does not cover is left alone and said. */
final class OtherFamiliesTest extends TestCase
{
    public function testASmoothDoctorsBagIsFilledOutCleanedFedAndCreamedAsOnePiece(): void
    {
        $piece = self::piece(Kind::DoctorsBag, Material::Pigmented, [['handle', FindingKind::DarkHandling]], Dryness::Thirsty);
        $plan = Planner::plan($piece, Air::reference());
        self::assertSame([], Checker::standard()->check($piece, $plan->order()));
        foreach ($plan->steps as $step) {
            self::assertSame([Half::Whole], $step->step->halves(), $step->title);
            self::assertStringNotContainsString('pair', $step->title.$step->how.$step->why);
            self::assertStringNotContainsString('Put the tree', $step->title);
            self::assertStringNotContainsString('upper', $step->where);
        }
        $titles = array_map(static fn (PlannedStep $s): string => $s->title, $plan->steps);
        self::assertContains('Fill it out', $titles);
        self::assertContains('Look it over a last time', $titles);
        self::assertTrue(self::lays($plan, FamilyId::Conditioner, 'front'));
    }

    public function testAChelseaHasNoLacesToTakeOffAndABeltItsBuckle(): void
    {
        $off = static fn (Kind $kind): array => array_values(
            array_map(
                static fn (PlannedStep $s): string => $s->title,
                array_filter(
                    Planner::plan(self::piece($kind, Material::Pigmented), Air::reference())->steps,
                    static fn (PlannedStep $s): bool => Action::TakeApart === $s->step->action,
                ),
            ),
        );
        self::assertSame(['Take the insoles out'], $off(Kind::Chelsea));
        self::assertSame(['Take the laces, false tongues and insoles out'], $off(Kind::WorkBoot));
        self::assertSame(['Take the buckle off'], $off(Kind::Belt));
        self::assertSame(['Take the strap off'], $off(Kind::Satchel));
        self::assertSame([], $off(Kind::Tote));
    }

    public function testEveryOtherMaterialGetsWhatSuitsItAndNothingThatHarmsIt(): void
    {
        $allowed = [
            Material::Suede->value => ['suede-cleaner', 'repellent'],
            Material::RoughOut->value => ['damp-cloth', 'cleaner-neutral', 'soap', 'cream', 'repellent'],
            Material::CoatedCanvas->value => ['damp-cloth', 'cleaner-neutral'],
            Material::SheepNappa->value => ['damp-cloth', 'cleaner-neutral', 'cleaner-cream', 'conditioner'],
            Material::ReptileMatt->value => ['damp-cloth', 'conditioner-light'],
        ];
        foreach ([Kind::SkateTrainer, Kind::Jacket, Kind::Clutch, Kind::FieldBoot] as $kind) {
            foreach ($allowed as $id => $families) {
                $part = $kind->parts()[0]->value;
                $piece = self::piece($kind, Material::from($id), [[$part, FindingKind::GroundInDirt], [$part, FindingKind::Scuff]], Dryness::Thirsty);
                $plan = Planner::plan($piece, Air::reference());
                self::assertSame([], Checker::standard()->check($piece, $plan->order()));
                $laid = [];
                foreach ($plan->steps as $step) {
                    if (
                        $step->step->laysProduct()
                        && $step->step->on[0]->part->isOuter()
                        && Material::from($id) === $piece->part($step->step->on[0])?->material
                    ) {
                        $laid[] = (string) $step->step->family?->value;
                    }
                }
                self::assertSame([], array_values(array_diff($laid, $families)), $kind->value.' '.$id);
                self::assertNotSame([], $laid, $kind->value.' '.$id);
            }
        }
    }

    public function testGlovesAreAPairAndWhatIsDoneToOneIsDoneToTheOther(): void
    {
        $plan = Planner::plan(self::piece(Kind::Gloves, Material::Aniline, [['cuffs', FindingKind::Faded]]), Air::reference());
        self::assertTrue(self::lays($plan, FamilyId::Cream, 'cuffs', Half::Left));
        self::assertTrue(self::lays($plan, FamilyId::Cream, 'cuffs', Half::Right));
    }

    public function testTheAimDecidesHowFarAScuffedBootGoes(): void
    {
        $laid = static function (Aim $aim): array {
            $plan = Planner::plan(
                self::piece(Kind::LaceBoot, Material::Pigmented, [['vamp', FindingKind::Scuff], ['toe', FindingKind::Gouge]], Dryness::Supple, $aim),
                Air::reference(),
            );

            return array_values(
                array_unique(
                    array_map(
                        static fn ($s): string => (string) $s->step->family?->value,
                        array_filter($plan->steps, static fn ($s): bool => $s->step->laysProduct()),
                    ),
                ),
            );
        };
        self::assertSame([], array_intersect($laid(Aim::Keep), ['cream', 'wax', 'paint', 'filler', 'edge-dressing']));
        self::assertContains('cream', $laid(Aim::Freshen));
        self::assertSame([], array_intersect($laid(Aim::Freshen), ['paint', 'filler']));
        self::assertSame([], array_diff(['filler', 'alcohol', 'paint', 'topcoat'], $laid(Aim::Restore)));
        self::assertContains('paint', $laid(Aim::Recolour));
        self::assertContains('repellent', $laid(Aim::WorkProof), 'no heavy wax on a film');
        self::assertSame([], array_intersect($laid(Aim::WorkProof), ['cream', 'paint']));
    }

    public function testALargerBagTakesMore(): void
    {
        $cream = static fn (float $mm): float => array_values(array_filter(
            Planner::plan(self::piece(Kind::Tote, Material::Pigmented, size: Size::mm($mm)), Air::reference())->steps,
            static fn (PlannedStep $s): bool => FamilyId::Cream === $s->step->family,
        ))[0]->amount->quantity ?? 0.0;
        self::assertEqualsWithDelta(4.0, $cream(840.0) / $cream(420.0), 0.15);
    }

    private static function lays(Plan $plan, FamilyId $family, string $part, Half $half = Half::Whole): bool
    {
        return [] !== array_filter(
            $plan->steps,
            static fn (PlannedStep $s): bool => $s->step->family === $family && $s->step->touches(new Place(PartName::from($part), $half)),
        );
    }

    /** @param list<array{string, FindingKind}> $findings */
    private static function piece(
        Kind $kind,
        Material $outer,
        array $findings = [],
        Dryness $dryness = Dryness::Supple,
        Aim $aim = Aim::Freshen,
        ?Size $size = null,
    ): Piece {
        $parts = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $name) {
                $parts[] = new Part(
                    new Place($name, $half),
                    $name->isOuter() ? $outer : $kind->materialsFor($name)[0],
                    Certainty::Known,
                    $name->isOuter() ? $dryness : Dryness::Supple,
                );
            }
        }

        return Piece::of($kind, $size ?? Size::usual($kind), new Agreed($aim), $parts, array_map(
            static fn (array $f): Finding => new Finding(new Place(PartName::from($f[0]), $kind->halves()[0]), $f[1], Severity::AtArmsLength),
            $findings,
        ));
    }
}
