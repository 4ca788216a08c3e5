<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Assessment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use PHPUnit\Framework\TestCase;

/** What trials tell of a piece, and what is looked for on which material. */
final class TriedPieceTest extends TestCase
{
    public function testATrialSpeaksForItsPlaceAndThoseThatAreNamedAndForNoOther(): void
    {
        $trial = new RecordedTrial(self::at('front'), [self::at('flap')], new TrialResult(Trial::Loupe, Outcome::Print));
        self::assertTrue($trial->tells(self::at('front')));
        self::assertTrue($trial->tells(self::at('flap')));
        self::assertFalse($trial->tells(self::at('strap')));
        $piece = self::satchel($trial);
        self::assertCount(1, $piece->resultsAt(self::at('flap')));
        self::assertSame([], $piece->resultsAt(self::at('strap')));
        self::assertGreaterThan($piece->beliefAt(self::at('strap'))->of(Material::Embossed), $piece->beliefAt(self::at('flap'))->of(Material::Embossed));
    }

    public function testATrialOfAProductSaysNothingAboutTheMaterial(): void
    {
        $trial = new RecordedTrial(
            self::at('front'),
            [],
            new TrialResult(Trial::Product, Outcome::Darkens),
            FamilyId::Conditioner,
            Lab::of(40.0, 10.0, 20.0),
            Lab::of(36.0, 10.0, 18.0),
        );
        self::assertSame([], self::satchel($trial)->resultsAt(self::at('front')));
    }

    public function testWhatWasTriedIsNotProposedAgainAndAHeelIsLookedAtLikeAHeel(): void
    {
        $piece = self::satchel(new RecordedTrial(self::at('front'), [], new TrialResult(Trial::Loupe, Outcome::Pores)));
        $next = $piece->nextTrialAt(self::at('front'));
        self::assertNotNull($next);
        self::assertNotSame(Trial::Loupe, $next->trial);
        self::assertGreaterThan(0.0, $next->gainBits - $next->harm);
        self::assertNotSame(Trial::HeelStack, $next->trial, 'a bag has no heel');
        $shoe = Piece::of(
            Kind::Oxford,
            Size::eu(42.0),
            new Agreed(Aim::Keep),
            [],
            [new Finding(new Place(PartName::HeelStack, Half::Left), FindingKind::StackDry, Severity::AtArmsLength)],
        );
        self::assertContains($shoe->nextTrialAt(new Place(PartName::HeelStack, Half::Left))?->trial, [Trial::HeelStack, Trial::Loupe, Trial::WaterDrop]);
    }

    public function testAPieceIsThoughtOfAsAnotherMaterialWithoutChangingIt(): void
    {
        $piece = self::satchel();
        $other = $piece->were([self::at('front')], Material::Pigmented);
        self::assertSame([Material::Pigmented, Certainty::Known], [$other->part(self::at('front'))?->material, $other->part(self::at('front'))?->certainty]);
        self::assertSame([Material::VegTan, Certainty::Guess], [$piece->part(self::at('front'))?->material, $piece->part(self::at('front'))?->certainty]);
        $shining = Piece::of(
            Kind::Wallet,
            Size::usual(Kind::Wallet),
            new Agreed(Aim::Keep, Gloss::Mirror),
            [new Part(self::at('front'), Material::Patent, Certainty::Known)],
            [],
        );
        $this->expectException(FieldError::class);
        $shining->were([self::at('front')], Material::Suede);
    }

    public function testAPartIsNamedByItsTrialsUnlessThatWouldNotGoWithWhatWasAgreed(): void
    {
        $nap = new RecordedTrial(self::at('front'), [], new TrialResult(Trial::Loupe, Outcome::Nap));
        self::assertSame(Material::Suede, self::satchel($nap)->named(self::at('front'))->material);
        self::assertSame(Material::VegTan, self::satchel($nap)->named(self::at('strap'))->material, 'no trial tells of it');
        $mirror = Piece::of(
            Kind::Satchel,
            Size::usual(Kind::Satchel),
            new Agreed(Aim::Keep, Gloss::Mirror),
            [new Part(self::at('front'), Material::VegTan, Certainty::Guess)],
            [],
            [$nap],
        );
        self::assertSame(Material::VegTan, $mirror->named(self::at('front'))->material, 'a mirror was agreed on: that is settled first');
        $this->expectException(FieldError::class);
        self::satchel()->named(self::at('back'));
    }

    public function testEveryMaterialHasFindingsThatAreUsualOnItInEveryGroupThatItCanShow(): void
    {
        foreach (Material::cases() as $material) {
            $usual = array_filter(FindingKind::cases(), static fn (FindingKind $f): bool => $material->usuallyHas($f));
            self::assertGreaterThan(10, \count($usual), $material->value);
            self::assertLessThan(\count(FindingKind::cases()), \count($usual), $material->value.' shows everything');
            self::assertContains(FindingGroup::Dirt, array_map(static fn (FindingKind $f) => $f->group(), $usual));
        }
        self::assertTrue(Material::Suede->usuallyHas(FindingKind::FlatNap));
        self::assertFalse(Material::Patent->usuallyHas(FindingKind::FlatNap));
        self::assertFalse(Material::Suede->usuallyHas(FindingKind::Scratch));
        self::assertTrue(Material::Foam->usuallyHas(FindingKind::YellowedRubber));
        self::assertFalse(Material::Synthetic->usuallyHas(FindingKind::RedRot));
    }

    public function testEveryFindingCanBeOnSomePartOfSomeKindAndReadsAsOneThing(): void
    {
        foreach (FindingKind::cases() as $finding) {
            self::assertNotSame([], array_filter(PartName::cases(), static fn (PartName $p): bool => $p->canHave($finding)), $finding->value);
            self::assertMatchesRegularExpression('/^(the|what) \S/', $finding->noun());
            self::assertTrue(!$finding->hasDepth() || $finding->hasSize(), $finding->value.' has a depth and no length');
        }
    }

    public function testTurnsOfPhrase(): void
    {
        self::assertSame(
            ['an oxford', 'a one-piece riding suit', 'an apron', 'a tote'],
            array_map(Phrase::an(...), ['oxford', 'one-piece riding suit', 'apron', 'tote']),
        );
        self::assertSame('Über 3 mm.', Phrase::sentence('über %d mm.', 3));
        self::assertSame('a, b and c', Phrase::list(['a', 'b', 'c']));
        self::assertSame(['upper', 'outside'], [Kind::Chelsea->outer(), Kind::Jacket->outer()]);
        self::assertSame('left vamp', (new Place(PartName::Vamp, Half::Left))->label());
        self::assertSame('flap', self::at('flap')->label());
        foreach (PieceFamily::cases() as $family) {
            self::assertNotSame('', $family->label());
        }
        foreach (Kind::cases() as $kind) {
            self::assertDoesNotMatchRegularExpression('~[/_]~', $kind->label());
        }
        self::assertCount(39, array_unique(array_map(static fn (Kind $k): string => $k->label(), Kind::cases())), 'no two kinds are called the same');
    }

    public function testSizesAreMeasuredAsTheirKindIs(): void
    {
        self::assertSame(1.0, Size::usual(Kind::Derby)->areaFactor(Kind::Derby));
        self::assertSame(290.0, Size::eu(42.0)->longestMm(Kind::Derby));
        self::assertSame(464.0, Size::eu(42.0)->longestMm(Kind::RidingBoot), 'a shaft is longer than the foot');
        self::assertSame(380.0, Size::of(Kind::Satchel, null, null)->longestMm(Kind::Satchel));
        self::assertEqualsWithDelta(4.0, Size::mm(760.0)->areaFactor(Kind::Satchel), 1e-9);
    }

    private static function at(string $part): Place
    {
        return new Place(PartName::from($part), Half::Whole);
    }

    private static function satchel(RecordedTrial ...$trials): Piece
    {
        $parts = array_map(static fn (string $p): Part => new Part(self::at($p), Material::VegTan, Certainty::Guess), ['front', 'flap', 'strap']);

        return Piece::of(Kind::Satchel, Size::usual(Kind::Satchel), new Agreed(Aim::Freshen), $parts, [], array_values($trials));
    }
}
