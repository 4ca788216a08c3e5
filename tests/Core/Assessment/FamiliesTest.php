<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Assessment;

use KindHeel\Core\Anatomy\Cut;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Differences;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use KindHeel\Tests\Core\Treatment\Shoes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How the seven families are built, and what cannot be on any of them. */
final class FamiliesTest extends TestCase
{
    public function testTheOutsideOfAHalfAddsUpToItsPlanningFigureAndGrowsWithTheSquareOfTheLength(): void
    {
        foreach (Kind::cases() as $kind) {
            $usual = Size::usual($kind);
            $smaller = null === $usual->eu ? Size::mm(0.8 * (float) $usual->mm) : Size::eu(0.8 * $usual->eu);
            foreach ([[$usual, 1.0], [$smaller, 0.64]] as [$size, $factor]) {
                $piece = Piece::of($kind, $size, new Agreed(Aim::Keep), [], []);
                $sum = 0.0;
                foreach ($kind->parts() as $part) {
                    $sum += $part->isOuter() ? $piece->areaDm2(new Place($part, $kind->halves()[0])) : 0.0;
                }
                self::assertEqualsWithDelta($factor * Cut::areaDm2($kind), $sum, 1e-9, $kind->value);
            }
        }
        self::assertSame(
            [7.0, 12.0, 24.0, 8.0, 35.0, 45.0, 8.0, 180.0, 260.0, 4.0],
            array_map(Cut::areaDm2(...), [
                Kind::Derby, Kind::AnkleBoot, Kind::RidingBoot, Kind::CourtTrainer, Kind::Satchel, Kind::Tote, Kind::Clutch, Kind::Jacket,
                Kind::OnePieceSuit, Kind::Belt,
            ]),
            'the planning figures of Q-1',
        );
    }

    public function testAMeasuredAreaReplacesThePlanningFigure(): void
    {
        $at = new Place(PartName::Front, Half::Whole);
        $piece = Piece::of(Kind::Satchel, Size::mm(380.0), new Agreed(Aim::Keep), [new Part($at, Material::VegTan, Certainty::Known, areaDm2: 9.5)], []);
        self::assertSame(9.5, $piece->areaDm2($at));
    }

    public function testNeighboursKnowEachOtherAndNoPartStandsAlone(): void
    {
        foreach (Kind::cases() as $kind) {
            foreach ($kind->parts() as $part) {
                $neighbours = $kind->neighbours($part);
                self::assertNotContains($part, $neighbours);
                self::assertCount(\count($neighbours), array_unique(array_column($neighbours, 'value')), $kind->value.' names a neighbour twice');
                self::assertNotSame([], $neighbours, $kind->value.': '.$part->value.' hangs in the air');
                foreach ($neighbours as $neighbour) {
                    self::assertContains($part, $kind->neighbours($neighbour), $kind->value.': '.$part->value.' and '.$neighbour->value);
                }
            }
        }
    }

    public function testEveryFamilyAndKindHasItsPartsAndWhatTheyAreMadeOf(): void
    {
        self::assertSame(
            [7, 6, 2, 4, 7, 7, 6],
            array_map(
                static fn (PieceFamily $f): int => \count(array_filter(Kind::cases(), static fn (Kind $k): bool => $k->family() === $f)),
                PieceFamily::cases(),
            ),
        );
        foreach (Kind::cases() as $kind) {
            self::assertSame($kind, Kind::in($kind->family(), substr($kind->value, 1 + \strlen($kind->family()->value))));
            self::assertSame(Kind::Gloves === $kind || $kind->family()->isFootwear() ? [Half::Left, Half::Right] : [Half::Whole], $kind->halves());
            foreach ($kind->parts() as $part) {
                self::assertTrue($kind->has($part));
                $materials = $kind->materialsFor($part);
                self::assertCount(\count($materials), array_unique(array_column($materials, 'value')));
            }
        }
        self::assertFalse(Kind::Court->has(PartName::Tongue));
        self::assertFalse(Kind::DanceShoe->has(PartName::Welt));
        self::assertSame(Material::RacingHide, Kind::OnePieceSuit->materialsFor(PartName::Body)[0]);
        self::assertNull(Kind::in(PieceFamily::Bag, 'oxford'));
    }

    /** @return iterable<string, array{string, \Closure(): mixed}> */
    public static function whatDoesNotGoTogether(): iterable
    {
        $suede = static fn (?Agreed $own = null): Part => new Part(Shoes::place('left/vamp'), Material::Suede, Certainty::Known, agreed: $own);
        $mirror = new Agreed(Aim::Freshen, Gloss::Mirror);
        $satin = new Agreed(Aim::Freshen);
        yield 'a mirror on suede' => ['gloss', self::derby($mirror, [$suede()])];
        yield 'a mirror on the suede part of a smooth pair' => [
            'gloss',
            self::derby($satin, [new Part(Shoes::place('left/toe'), Material::Aniline, Certainty::Known), $suede($mirror)]),
        ];
        yield 'scales on what is known to be suede' => [
            'kind',
            self::derby($satin, [$suede()], [new Finding(Shoes::place('left/vamp'), FindingKind::LiftedScales, Severity::AtArmsLength)]),
        ];
        yield 'a gouge deeper than the vamp' => [
            'depth_mm',
            self::derby($satin, [], [new Finding(Shoes::place('left/vamp'), FindingKind::Gouge, Severity::AtArmsLength, 9.0, 2.0, 4.0)]),
        ];
        yield 'a stiff zip on a toe' => [
            'kind',
            self::derby($satin, [], [new Finding(Shoes::place('left/toe'), FindingKind::ZipStiff, Severity::AtArmsLength)]),
        ];
        yield 'a flap on a tote' => ['part', static fn () => Piece::mustHave(Kind::Tote, new Place(PartName::Flap, Half::Whole))];
        yield 'the left half of a satchel' => ['half', static fn () => Piece::mustHave(Kind::Satchel, new Place(PartName::Flap, Half::Left))];
        yield 'a shoe size for a bag' => ['size_eu', static fn () => Size::of(Kind::Tote, 42.0, null)];
        yield 'a length for a boot' => ['length_mm', static fn () => Size::of(Kind::Chelsea, null, 300.0)];
        yield 'a bag of five metres' => ['length_mm', static fn () => Size::of(Kind::Tote, null, 5000.0)];
        yield 'the area of a herd' => [
            'area_dm2',
            static fn () => Piece::of(
                Kind::Tote,
                Size::usual(Kind::Tote),
                $satin,
                [new Part(new Place(PartName::Front, Half::Whole), Material::Aniline, Certainty::Known, areaDm2: 9000.0)],
                [],
            ),
        ];
    }

    /**
     * @param list<Part>    $parts
     * @param list<Finding> $findings
     *
     * @return \Closure(): mixed
     */
    private static function derby(Agreed $agreed, array $parts, array $findings = []): \Closure
    {
        return static fn () => Piece::of(Kind::Derby, Size::eu(42.0), $agreed, $parts, $findings);
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('whatDoesNotGoTogether')]
    public function testWhatDoesNotGoTogetherIsRefusedInASentence(string $field, \Closure $make): void
    {
        try {
            $make();
            self::fail('It was let through.');
        } catch (FieldError $error) {
            self::assertSame($field, $error->field);
            self::assertMatchesRegularExpression('/^\p{Lu}.+\.$/u', $error->getMessage());
        }
    }

    public function testAHeelTakesADeeperGougeThanAVampAndASmoothPartItsMirror(): void
    {
        $piece = Piece::of(
            Kind::Derby,
            Size::eu(42.0),
            new Agreed(Aim::Freshen, Gloss::Mirror),
            [new Part(Shoes::place('left/toe'), Material::Aniline, Certainty::Known), new Part(Shoes::place('left/vamp'), Material::Suede, Certainty::Known)],
            [new Finding(Shoes::place('left/heel-stack'), FindingKind::Gouge, Severity::AtArmsLength, 9.0, 2.0, 12.0)],
        );
        self::assertSame(Gloss::Mirror, $piece->agreedAt(Shoes::place('left/toe'))->gloss);
        self::assertCount(1, $piece->findings);
    }

    public function testTheHalvesOfAPairAreComparedPartByPart(): void
    {
        $piece = Shoes::pair()
            ->of(Material::Aniline)
            ->with('left/toe', FindingKind::Scuff, 3)
            ->with('right/toe', FindingKind::Scuff, 1)
            ->with('right/vamp', FindingKind::Crack)
            ->with('left/counter', FindingKind::Dust)
            ->with('right/counter', FindingKind::Dust)
            ->dry('right/quarter', Dryness::Stiff)
            ->piece();
        self::assertSame(
            ['Scuff on the toe: worse on the left.', 'Crack on the right vamp only.', 'Quarter: left supple, right stiff.'],
            Differences::of($piece),
        );
        self::assertSame([], Differences::of(Piece::of(Kind::Tote, Size::usual(Kind::Tote), new Agreed(Aim::Keep), [], [])), 'a bag has no other half');
    }
}
