<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Assessment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\Expectation;
use KindHeel\Core\Assessment\Disclosure\Expectations;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an owner may expect, whatever the finding, the leather and the aim. */
final class ExpectationsTest extends TestCase
{
    private const LEATHERS = [Material::Pigmented, Material::Aniline, Material::Suede, Material::Patent, Material::VegTan, Material::Waxy];

    /** @return iterable<string, array{FindingKind}> */
    public static function kinds(): iterable
    {
        foreach (FindingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testWhoAgreesOnMoreIsPromisedNoLess(FindingKind $kind): void
    {
        foreach (self::leathers($kind) as $leather) {
            foreach (Severity::cases() as $severity) {
                $ranks = array_map(
                    fn (Aim $aim): int => $this->rank($this->one($kind, $severity, $leather, $aim)),
                    [Aim::Keep, Aim::Freshen, Aim::Restore],
                );
                $sorted = $ranks;
                sort($sorted);
                self::assertSame($sorted, $ranks, "{$kind->value} on {$leather->value}, {$severity->name}");
            }
        }
    }

    #[DataProvider('kinds')]
    public function testWhatIsWorseIsPromisedNoBetter(FindingKind $kind): void
    {
        foreach (self::leathers($kind) as $leather) {
            foreach ([Aim::Freshen, Aim::Restore, Aim::Recolour] as $aim) {
                $ranks = [];
                foreach ([Severity::OnlyWhenLookedFor, Severity::AtArmsLength, Severity::FirstThingSeen, Severity::FunctionLost] as $severity) {
                    $ranks[] = $this->rank($this->one($kind, $severity, $leather, $aim));
                }
                $sorted = $ranks;
                rsort($sorted);
                self::assertSame($sorted, $ranks, "{$kind->value} on {$leather->value} to {$aim->value}");
            }
        }
    }

    /** Nobody can promise these away, whatever is agreed. */
    #[TestWith([FindingKind::Crack])]
    #[TestWith([FindingKind::Gouge])]
    #[TestWith([FindingKind::HeatMark])]
    #[TestWith([FindingKind::Silicone])]
    #[TestWith([FindingKind::Mould])]
    #[TestWith([FindingKind::Odour])]
    #[TestWith([FindingKind::Crease])]
    #[TestWith([FindingKind::LiftedScales])]
    #[TestWith([FindingKind::StackSplit])]
    #[TestWith([FindingKind::YellowedRubber])]
    #[TestWith([FindingKind::LiningTorn])]
    public function testSomeThingsNeverGoAltogether(FindingKind $kind): void
    {
        foreach (self::leathers($kind) as $leather) {
            foreach (Aim::cases() as $aim) {
                foreach ([Severity::OnlyWhenLookedFor, Severity::FirstThingSeen] as $severity) {
                    self::assertNotSame(Prospect::Gone, $this->one($kind, $severity, $leather, $aim)->prospect, "{$leather->value} to {$aim->value}");
                }
            }
        }
    }

    public function testOldPolishGoesOnlyWhereTheColourBearsIt(): void
    {
        $says = fn (Material $on, Aim $aim): Prospect => $this->one(FindingKind::OldPolish, Severity::AtArmsLength, $on, $aim)->prospect;
        self::assertSame(Prospect::Gone, $says(Material::Pigmented, Aim::Freshen));
        self::assertSame(Prospect::Softer, $says(Material::Aniline, Aim::Freshen));
        self::assertSame(Prospect::Gone, $says(Material::Aniline, Aim::Restore), 'where colour is laid anew');
    }

    public function testSignsOfAgeStayWhereTheyWereAgreedUpon(): void
    {
        $keeps = new Agreed(Aim::Keep, patina: Patina::Keep);
        foreach ([FindingKind::Scuff, FindingKind::Faded, FindingKind::WaterRing, FindingKind::DarkHandling] as $kind) {
            $said = $this->one($kind, Severity::FirstThingSeen, Material::Aniline, Aim::Keep, $keeps);
            self::assertSame(Prospect::Stays, $said->prospect);
            self::assertStringContainsString('a sign of age', $said->sentence);
            $lost = $this->one($kind, Severity::FunctionLost, Material::Aniline, Aim::Keep, $keeps);
            self::assertStringNotContainsString('a sign of age', $lost->sentence);
        }
        $mud = $this->one(FindingKind::Mud, Severity::AtArmsLength, Material::Aniline, Aim::Keep, $keeps);
        self::assertStringNotContainsString('a sign of age', $mud->sentence);
    }

    public function testTheSameOnBothHalvesIsSaidOnceAndAsBadAsTheWorse(): void
    {
        $scuff = static fn (Half $half, Severity $severity): Finding => new Finding(new Place(PartName::Toe, $half), FindingKind::Scuff, $severity);
        foreach ([[Severity::OnlyWhenLookedFor, Severity::FirstThingSeen], [Severity::FirstThingSeen, Severity::OnlyWhenLookedFor]] as [$left, $right]) {
            $said = Expectations::of($this->piece(Material::Aniline, new Agreed(Aim::Freshen), [$scuff(Half::Left, $left), $scuff(Half::Right, $right)]));
            self::assertCount(1, $said);
            self::assertSame('The scuff on the toe, left and right, will be coloured in and seen only from near.', $said[0]->sentence);
        }
        $twice = Expectations::of($this->piece(Material::Aniline, new Agreed(Aim::Freshen), [
            $scuff(Half::Left, Severity::AtArmsLength), $scuff(Half::Left, Severity::AtArmsLength),
        ]));
        self::assertStringContainsString('on the left toe', $twice[0]->sentence);
    }

    public function testWhatWasLookedForAndNotFoundIsNotSpokenOf(): void
    {
        $none = new Finding(new Place(PartName::Toe, Half::Left), FindingKind::Scuff, Severity::None);
        self::assertSame([], Expectations::of($this->piece(Material::Aniline, new Agreed(Aim::Freshen), [$none])));
    }

    #[TestWith(['length_mm', -0.1, null, null, null])]
    #[TestWith(['width_mm', 1.0, \NAN, null, null])]
    #[TestWith(['depth_mm', null, null, \INF, null])]
    #[TestWith(['share', null, null, null, 1.01])]
    #[TestWith(['share', null, null, null, -0.01])]
    #[TestWith(['share', null, null, null, \NAN])]
    public function testASizeThatIsNoneIsRefused(string $field, ?float $length, ?float $width, ?float $depth, ?float $share): void
    {
        try {
            new Finding(new Place(PartName::Toe, Half::Left), FindingKind::Scuff, Severity::AtArmsLength, $length, $width, $depth, $share);
            self::fail('It was taken.');
        } catch (FieldError $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testEverySizeFromNoughtToAllOfItIsTaken(): void
    {
        foreach ([0.0, 0.5, 1.0] as $share) {
            $finding = new Finding(new Place(PartName::Toe, Half::Left), FindingKind::Scuff, Severity::AtArmsLength, 0.0, 3.5, 0.0, $share);
            self::assertSame([0.0, 3.5, 0.0, $share], [$finding->lengthMm, $finding->widthMm, $finding->depthMm, $finding->share]);
        }
    }

    private function rank(Expectation $said): int
    {
        return match ($said->prospect) {
            Prospect::Stays => 0,
            Prospect::Softer => 1,
            Prospect::Gone => 2,
        };
    }

    private function one(FindingKind $kind, Severity $severity, Material $on, Aim $aim, ?Agreed $agreed = null): Expectation
    {
        // Signs of age are agreed upon apart: what is asked here is what the work can do.
        $agreed ??= new Agreed($aim, patina: Patina::Remove);
        [$piece, $part] = self::where($kind);
        $place = new Place($part, $piece->halves()[0]);
        $parts = PartName::Toe === $part ? [new Part($place, $on, Certainty::Known)] : [];
        $finding = new Finding($place, $kind, Severity::None === $severity ? Severity::OnlyWhenLookedFor : $severity);

        return Expectations::of(Piece::of($piece, Size::usual($piece), $agreed, $parts, [$finding]))[0];
    }

    /** @return array{Kind, PartName} where a finding can be at all */
    private static function where(FindingKind $kind): array
    {
        return match ($kind) {
            FindingKind::LiningTorn => [Kind::Derby, PartName::Lining],
            FindingKind::StackDry, FindingKind::StackSplit => [Kind::Derby, PartName::HeelStack],
            FindingKind::BuckleBent => [Kind::Belt, PartName::Buckle],
            FindingKind::ZipStiff => [Kind::RidingBoot, PartName::Zip],
            FindingKind::EyeletMissing => [Kind::Derby, PartName::Facing],
            default => [Kind::Derby, PartName::Toe],
        };
    }

    /** @return list<Material> */
    private static function leathers(FindingKind $kind): array
    {
        return FindingKind::LiftedScales === $kind ? [Material::ReptileMatt, Material::ReptileGlazed] : self::LEATHERS;
    }

    /** @param list<Finding> $findings */
    private function piece(Material $material, Agreed $agreed, array $findings): Piece
    {
        $parts = array_map(
            static fn (Half $half): Part => new Part(new Place(PartName::Toe, $half), $material, Certainty::Known),
            [Half::Left, Half::Right],
        );

        return Piece::of(Kind::Derby, Size::eu(42), $agreed, $parts, $findings);
    }
}
