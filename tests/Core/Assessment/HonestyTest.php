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
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the owner is told before anything is touched. */
final class HonestyTest extends TestCase
{
    /** @return iterable<string, array{Kind, Material, Aim, string, FindingKind, int, Prospect, string}> */
    public static function aScoreOfPieces(): iterable
    {
        yield 'mud on a stage boot' => [
            Kind::LaceBoot, Material::Pigmented, Aim::Keep, 'toe', FindingKind::Mud, 3, Prospect::Gone, 'Mud on the left toe will be gone',
        ];
        yield 'a scuff that is kept' => [Kind::Derby, Material::Aniline, Aim::Keep, 'toe', FindingKind::Scuff, 2, Prospect::Stays, 'a sign of age'];
        yield 'a scuff that is creamed' => [
            Kind::Derby, Material::Aniline, Aim::Freshen, 'toe', FindingKind::Scuff, 3, Prospect::Softer, 'seen only from near',
        ];
        yield 'a scuff that is painted' => [Kind::Derby, Material::Pigmented, Aim::Restore, 'toe', FindingKind::Scuff, 3, Prospect::Gone, 'will be gone'];
        yield 'a crack' => [Kind::Oxford, Material::Burnished, Aim::Freshen, 'vamp', FindingKind::Crack, 2, Prospect::Stays, 'never closes'];
        yield 'a crack that is filled' => [
            Kind::Oxford, Material::Pigmented, Aim::Restore, 'vamp', FindingKind::Crack, 2, Prospect::Stays,
            'come back where the leather bends',
        ];
        yield 'ink on aniline' => [Kind::Satchel, Material::Aniline, Aim::Freshen, 'front', FindingKind::Ink, 3, Prospect::Stays, 'gone into the fibre'];
        yield 'ink on film' => [Kind::Satchel, Material::Pigmented, Aim::Freshen, 'front', FindingKind::Ink, 3, Prospect::Softer, 'paler'];
        yield 'denim on a patent clutch' => [
            Kind::Clutch, Material::Patent, Aim::Freshen, 'front', FindingKind::ColourTransfer, 3, Prospect::Stays, 'into the film',
        ];
        yield 'denim on a pigmented tote' => [
            Kind::Tote, Material::Pigmented, Aim::Freshen, 'back', FindingKind::ColourTransfer, 2, Prospect::Softer, 'what has set stays',
        ];
        yield 'a yellow midsole' => [
            Kind::CourtTrainer, Material::Synthetic, Aim::Freshen, 'midsole', FindingKind::YellowedRubber, 3, Prospect::Softer,
            'yellows again',
        ];
        yield 'a flat nap' => [Kind::SkateTrainer, Material::Suede, Aim::Freshen, 'toe-box', FindingKind::FlatNap, 2, Prospect::Gone, 'raised again'];
        yield 'a worn nap' => [
            Kind::SkateTrainer, Material::Suede, Aim::Freshen, 'toe-box', FindingKind::FlatNap, 3, Prospect::Softer,
            'as far as there is nap left',
        ];
        yield 'a faded flying jacket' => [Kind::Jacket, Material::SheepNappa, Aim::Freshen, 'body', FindingKind::Faded, 3, Prospect::Softer, 'can be renewed'];
        yield 'a recoloured coat' => [
            Kind::Coat, Material::Pigmented, Aim::Recolour, 'body', FindingKind::Faded, 3, Prospect::Gone, 'covered by the new colour',
        ];
        yield 'a bleached spot on aniline' => [
            Kind::DoctorsBag, Material::Aniline, Aim::Restore, 'front', FindingKind::BleachedSpot, 3, Prospect::Softer, 'outline will show',
        ];
        yield 'salt on a riding boot' => [
            Kind::RidingBoot, Material::Pigmented, Aim::WorkProof, 'vamp', FindingKind::RoadSalt, 2, Prospect::Gone, 'will be gone',
        ];
        yield 'an open seam of a strap' => [
            Kind::InstrumentStrap, Material::VegTan, Aim::Keep, 'stitching', FindingKind::OpenSeam, 3, Prospect::Gone, 'a shade fresher',
        ];
        yield 'wax on burnished' => [
            Kind::Monk, Material::Burnished, Aim::Freshen, 'toe', FindingKind::WaxBuildUp, 2, Prospect::Softer, 'the last of it stays',
        ];
        yield 'a stiff zip' => [Kind::OnePieceSuit, Material::RacingHide, Aim::Freshen, 'zips', FindingKind::ZipStiff, 3, Prospect::Gone, 'until it runs'];
        yield 'lifted scales' => [
            Kind::Wallet, Material::ReptileMatt, Aim::Freshen, 'front', FindingKind::LiftedScales, 3, Prospect::Softer,
            'never lie as they did',
        ];
        yield 'fencing gloves with odour' => [
            Kind::Gloves, Material::SheepNappa, Aim::Freshen, 'lining', FindingKind::Odour, 2, Prospect::Softer, 'nobody can promise',
        ];
    }

    #[DataProvider('aScoreOfPieces')]
    public function testWhatBecomesOfAFindingIsSaidInASentenceThatCanBeReadOut(
        Kind $kind,
        Material $material,
        Aim $aim,
        string $part,
        FindingKind $finding,
        int $severity,
        Prospect $prospect,
        string $words,
    ): void {
        $promise = OwnerPage::for(self::piece($kind, $material, $aim, [[$part, $finding, $severity]]))->promises[0];
        self::assertSame($prospect, $promise->prospect, $promise->sentence);
        self::assertStringContainsString(ltrim($words, 'M'), $promise->sentence);
        self::assertMatchesRegularExpression('/^The |^What /', $promise->sentence);
    }

    /** @return iterable<string, array{Kind, string, FindingKind, int, string}> */
    public static function notTakenOn(): iterable
    {
        yield 'red rot' => [Kind::BookCover, 'face', FindingKind::RedRot, 2, 'a leather conservator'];
        yield 'brittle' => [Kind::Harness, 'face', FindingKind::Brittle, 3, 'a leather conservator'];
        yield 'a suit after a crash' => [Kind::OnePieceSuit, 'sleeves', FindingKind::Impact, 2, 'the maker of the gear'];
        yield 'mould through the lining' => [Kind::Jacket, 'lining', FindingKind::Mould, 4, 'a cleaner with a fumigation room'];
    }

    #[DataProvider('notTakenOn')]
    public function testWhatIsNotTakenOnIsReferredAndNothingIsPromisedBesides(Kind $kind, string $part, FindingKind $finding, int $severity, string $to): void
    {
        $page = OwnerPage::for(
            self::piece($kind, Material::Pigmented, Aim::Restore, [[$part, $finding, $severity], [$kind->parts()[0]->value, FindingKind::Dust, 2]]),
        );
        self::assertSame([$to], array_map(static fn ($d) => $d->to, $page->declined));
        self::assertSame([[], []], [$page->promises, $page->risks]);
    }

    public function testASoleThatIsThroughGoesToAShoemakerWhileTheRestIsDone(): void
    {
        $page = OwnerPage::for(
            self::piece(Kind::Derby, Material::Pigmented, Aim::Freshen, [['outsole', FindingKind::SoleParting, 4], ['toe', FindingKind::Scuff, 2]]),
        );
        self::assertSame(['a shoemaker'], array_map(static fn ($d) => $d->to, $page->declined));
        self::assertCount(2, $page->promises);
    }

    public function testTheSameOnBothHalvesIsSaidOnce(): void
    {
        $findings = [['toe', FindingKind::Faded, 1, Half::Left], ['toe', FindingKind::Faded, 3, Half::Right], ['vamp', FindingKind::Crease, 1, Half::Left]];
        $page = OwnerPage::for(self::piece(Kind::Derby, Material::Aniline, Aim::Freshen, $findings));
        self::assertSame(
            [
                'The fading on the toe, left and right, will be toned back with cream, which wears off and can be renewed.',
                'The crease on the left vamp will be eased and stays to be seen: it is where the leather bends.',
            ],
            $page->sentences(Prospect::Softer),
        );
    }

    public function testAnAgreementForOnePartWeighsMoreThanThatOfThePiece(): void
    {
        $at = new Place(PartName::Toe, Half::Left);
        $own = new Agreed(Aim::Restore, Gloss::Satin, Patina::Remove);
        $piece = Piece::of(
            Kind::Derby,
            Size::eu(42.0),
            new Agreed(Aim::Keep),
            [new Part($at, Material::Pigmented, Certainty::Known, agreed: $own)],
            [new Finding($at, FindingKind::Scuff, Severity::FirstThingSeen)],
        );
        self::assertSame(Prospect::Gone, OwnerPage::for($piece)->promises[0]->prospect);
    }

    public function testRisksAreSaidByMaterialFlagAndDoubt(): void
    {
        $parts = [
            new Part(new Place(PartName::Shaft, Half::Left), Material::Aniline, Certainty::Known, flags: [Flag::ContrastStitching]),
            new Part(new Place(PartName::Vamp, Half::Left), Material::Pigmented, Certainty::Guess),
            new Part(new Place(PartName::InnerLeg, Half::Left), Material::Suede, Certainty::Likely),
        ];
        $risks = implode("\n", OwnerPage::for(Piece::of(Kind::RidingBoot, Size::eu(40.0), new Agreed(Aim::Freshen), $parts, []))->risks);
        self::assertStringContainsString('The shaft is open leather without a film', $risks);
        self::assertStringContainsString('not sure yet what the vamp is made of', $risks);
        self::assertStringContainsString('Nothing slippery goes on the inner leg', $risks);
        self::assertStringContainsString('pale stitching of the shaft', $risks);
        self::assertStringContainsString('The nap of the inner leg', $risks);
    }

    public function testEveryFindingOfEveryMaterialUnderEveryAimHasASentenceAndNoneSaysWaterproof(): void
    {
        $whole = static fn (Kind $kind): Half => $kind->halves()[0];
        foreach (FindingKind::cases() as $finding) {
            foreach ([Kind::Derby, Kind::Chelsea, Kind::RidingBoot, Kind::Satchel, Kind::Jacket, Kind::Belt] as $kind) {
                $part = array_values(array_filter($kind->parts(), static fn (PartName $p): bool => $p->canHave($finding)))[0] ?? null;
                if (null === $part || FindingKind::LiftedScales === $finding) {
                    continue;
                }
                foreach ($kind->materialsFor($part) as $material) {
                    foreach (Aim::cases() as $aim) {
                        $at = new Place($part, $whole($kind));
                        $piece = Piece::of(
                            $kind,
                            Size::usual($kind),
                            new Agreed($aim),
                            [new Part($at, $material, Certainty::Known, Dryness::Thirsty)],
                            [new Finding($at, $finding, Severity::AtArmsLength)],
                        );
                        $page = OwnerPage::for($piece);
                        foreach (
                            [
                                ...array_map(static fn ($p) => $p->sentence, $page->promises),
                                ...$page->risks,
                                ...array_map(static fn ($d) => $d->sentence, $page->declined),
                            ] as $sentence
                        ) {
                            self::assertMatchesRegularExpression('/^\p{Lu}[^%]+\.$/u', $sentence);
                            self::assertStringNotContainsStringIgnoringCase('waterproof', $sentence);
                        }
                        self::assertNotSame([[], []], [$page->promises, $page->declined], $finding->value.' is passed over');
                    }
                }
            }
        }
    }

    /** @param list<array{0: string, 1: FindingKind, 2: int, 3?: Half}> $findings */
    private static function piece(Kind $kind, Material $material, Aim $aim, array $findings): Piece
    {
        $parts = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $name) {
                $parts[] = new Part(new Place($name, $half), $name->isOuter() ? $material : $kind->materialsFor($name)[0], Certainty::Known);
            }
        }

        return Piece::of($kind, Size::usual($kind), new Agreed($aim), $parts, array_map(
            static fn (array $f): Finding => new Finding(new Place(PartName::from($f[0]), $f[3] ?? $kind->halves()[0]), $f[1], Severity::from($f[2])),
            $findings,
        ));
    }
}
