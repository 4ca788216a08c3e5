<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Advice;
use KindHeel\Core\Colour\Pot\Covering;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\Ground;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotAdvisor;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\Pot\PotPhase;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\NotNow;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A pot on the bench: what goes in, what comes out again, what it wants next. */
final class PotTest extends TestCase
{
    private Palette $palette;

    protected function setUp(): void
    {
        $paints = HouseRange::paints();
        $this->palette = new Palette(
            [Paint::CLEAR_BINDER => Paint::clearBinder()] + $paints,
            array_map(static fn (Paint $p): string => ucfirst(str_replace('-', ' ', $p->id)), $paints),
            array_map(static fn (): float => 50.0, $paints),
        );
    }

    public function testItIsMixedByItsRecipeBaseFirstThenDabbedThenLaid(): void
    {
        $pot = self::pot();
        $aim = PotAim::of(self::of(['straw' => 30, 'brick' => 6]), Gloss::Mirror);
        self::assertSame(PotPhase::Recipe, $pot->phase($aim));
        $pot = $pot->follow(['brick' => 6, 'straw' => 30, 'walnut' => 0]);
        self::assertSame([PotPhase::Drops, ['straw' => 30, 'brick' => 6]], [$pot->phase($aim), $pot->due()], 'the base goes in first');
        $pot = $pot->drop('straw', 29)->drop('straw', 1)->drop('brick', 2);
        self::assertSame(['brick' => 4], $pot->due());
        $pot = $pot->drop('brick', 4);
        self::assertSame([PotPhase::Dab, 36, []], [$pot->phase($aim), $pot->held(), $pot->due()]);
        $right = $pot->dabbed(Dab::onPaper(self::of($pot->drops)));
        self::assertSame(PotPhase::Lay, $right->phase($aim));
        self::assertSame(PotPhase::Correct, $pot->dabbed(Dab::onPaper(self::of(['straw' => 30, 'brick' => 12])))->phase($aim));
        self::assertSame(PotPhase::Dab, $right->drop('straw', 1)->phase($aim), 'what went in since makes the dab old');
        self::assertSame(PotPhase::Closed, (new Pot($pot->need, $pot->drops, closed: true))->phase($aim));
        self::assertSame(36, $pot->held(), 'a pot is a value: nothing done to it changes it');
    }

    public function testATapIsTakenBackUntilItIsMixedIn(): void
    {
        $pot = self::pot()->drop('brick', 3)->drop('brick', -1);
        self::assertSame(['brick' => 2], $pot->drops);
        self::assertSame([], $pot->drop('brick', -2)->drops, 'none is left, none is listed');
        $mixed = $pot->dabbed(Spectrum::flat(0.3))->drop('brick', 1);
        self::assertSame(['brick' => 2], $mixed->drop('brick', -1)->drops);
        foreach ([$mixed->drop('brick', -1), $pot->laid(0.02), $pot->dabbed(Spectrum::flat(0.3))] as $stirred) {
            try {
                $stirred->drop('brick', -1);
                self::fail('It was taken out of a pot that is stirred.');
            } catch (NotNow $error) {
                self::assertStringContainsString('mixed in', $error->getMessage());
            }
        }
    }

    /** @param non-empty-string $words */
    #[TestWith([0, 'dab', 'nothing in the pot to dab'])]
    #[TestWith([0, 'lay', 'nothing in the pot to lay'])]
    #[TestWith([80, 'drop', 'room for 80 drops'])]
    #[TestWith([-1, 'closed', 'closed'])]
    public function testWhatCannotBeDoneSaysWhy(int $drops, string $act, string $words): void
    {
        $pot = $drops > 0 ? self::pot()->drop('straw', $drops) : self::pot();
        $this->expectException(NotNow::class);
        $this->expectExceptionMessage($words);
        match ($act) {
            'dab' => $pot->dabbed(Spectrum::flat(0.3)),
            'lay' => $pot->laid(1.0),
            'drop' => $pot->drop('straw', 1),
            default => (new Pot($pot->need, closed: true))->drop('straw', 1),
        };
    }

    public function testALargeJobHasRoomForItselfAndForCorrections(): void
    {
        $pot = new Pot(PotNeed::of(4.0, 70.0, 3, Applicator::Airbrush));
        self::assertSame([507, 812], [$pot->need->drops, $pot->capacity()], 'three fifths over what it takes');
        self::assertSame([3, 169, 195], [$pot->parts(), $pot->size()->min, $pot->size()->max], 'found as three equal ones');
        self::assertSame([14, 45], [self::pot()->size()->min, self::pot()->size()->max], 'a spot is mixed as finely as a pot can be');
    }

    public function testTheFilmIsAimedDeeperThanAMattFinishWillShowIt(): void
    {
        $read = self::of(['straw' => 20, 'brick' => 10]);
        self::assertSame('Aimed as it was read.', PotAim::of($read, Gloss::Mirror)->words());
        $matt = PotAim::of($read, Gloss::Matt);
        self::assertLessThan(Light::daylight()->lab($read)->lightness, $matt->lab()->lightness);
        self::assertMatchesRegularExpression('/^A matt finish will make it paler by \d+\.\d: the bare film is aimed that much deeper\.$/', $matt->words());
        self::assertEqualsWithDelta(
            $read->values,
            Sheen::moved($matt->bare->spectrum, Gloss::Mirror, Gloss::Matt)->values,
            1e-9,
            'finished, it is what was read',
        );
    }

    public function testADabIsNearOnlyWhenLayingAndReadingStillFitIntoTheLimit(): void
    {
        $aim = PotAim::of(self::of(['straw' => 30, 'brick' => 6]), Gloss::Mirror);
        $found = [];
        foreach (range(0, 40) as $paler) {
            $film = Spectrum::grid(array_map(static fn (float $r): float => $r * (1.0 + $paler / 500.0), $aim->bare->spectrum->values));
            $dab = new Dab(['straw' => 30, 'brick' => 6], Dab::onPaper($film));
            $dE = Difference::ciede2000($aim->lab(), Light::daylight()->lab($film));
            self::assertSame(round($dE, 2) <= 0.7, $dab->isNear($aim), "$paler: $dE");
            $found[(int) (10.0 * $dE)] = true;
            self::assertStringStartsWith(round($dE, 2) <= 1.0 ? 'A close match' : 'Not near enough', $dab->verdict($aim));
        }
        self::assertGreaterThan(10, \count($found), 'every tenth about the limit has been tried');
    }

    public function testWhatAPotLooksLikeFollowsWhatItsDabTaught(): void
    {
        $pot = self::pot()->drop('straw', 20)->drop('brick', 4);
        $predicted = $pot->look($this->palette);
        self::assertNotNull($predicted);
        $really = self::of(['straw' => 20, 'brick' => 5]);
        $taught = $pot->dabbed(Dab::onPaper($really))->look($this->palette);
        self::assertNotNull($taught);
        $light = Light::daylight();
        self::assertLessThan(0.2, Difference::ciede2000($light->lab($really), $light->lab($taught)), 'it is what was read');
        self::assertGreaterThan(1.0, Difference::ciede2000($light->lab($really), $light->lab($predicted)), 'and not what the drops alone said');
        self::assertNull(self::pot()->look($this->palette));
        self::assertNull(self::pot()->drop(Paint::CLEAR_BINDER, 5)->look($this->palette), 'binder alone has no colour');
    }

    public function testADryDabLeadsToTheOneThingToDo(): void
    {
        $target = ['straw' => 30, 'brick' => 6];
        $pot = self::pot()->drop('straw', 30)->drop('brick', 3);
        $advised = $this->advisor($pot->dabbed(Dab::onPaper(self::of($pot->drops))), $target)->correct();
        self::assertSame([Advice::Add, ['brick'], null], [$advised->advice, array_keys($advised->additions), $advised->restart]);
        self::assertSame(\sprintf('Add %d drops of Brick.', $advised->additions['brick']), $advised->sentence);
        self::assertLessThan(0.7, $advised->after->weighted);

        $right = self::pot()->drop('straw', 30)->drop('brick', 6);
        $advised = $this->advisor($right->dabbed(Dab::onPaper(self::of($right->drops))), $target)->correct();
        self::assertSame([Advice::Lay, 'Nothing: it matches. Lay it.', []], [$advised->advice, $advised->sentence, $advised->additions]);

        $black = self::pot()->drop('soot-black', 60);
        $advised = $this->advisor($black->dabbed(Dab::onPaper(self::of($black->drops))), $target)->correct();
        self::assertSame(Advice::StartAgain, $advised->advice);
        self::assertNotNull($advised->restart);
        self::assertMatchesRegularExpression(
            '/^The pot is too full of the wrong colour to be turned\. Start again with '
                .preg_quote($this->palette->words($advised->restart->drops), '/').': that comes to \d\.\d, this pot to \d+\.\d\.$/',
            $advised->sentence,
        );
        self::assertLessThan($advised->after->weighted - 0.5, $advised->restart->weighted);
    }

    public function testWhereNothingComesNearTheNearestIsSaidAndAClearPotIsNotWorthItsPaint(): void
    {
        $screaming = PotAim::of(SmoothestReflectance::of(Lab::computed(55.0, 55.0, 85.0), Light::daylight()), Gloss::Mirror);
        $advisor = fn (Pot $pot): PotAdvisor => new PotAdvisor($pot, $screaming, $this->palette, 0.045, static fn (): bool => true);
        $best = $advisor(self::pot())->recipes()[0];
        self::assertMatchesRegularExpression(
            '/^No mix of the paints on the shelf comes nearer than \d+\.\d\. A .*cleaner.* would bring it\.$/',
            (string) $advisor(self::pot())->missing($best),
        );
        $pot = self::pot();
        foreach ($best->drops as $paint => $n) {
            $pot = $pot->drop($paint, $n);
        }
        $advised = $advisor($pot->dabbed(Dab::onPaper(self::of($pot->drops))))->correct();
        self::assertSame(Advice::AsNearAsItComes, $advised->advice);
        self::assertStringStartsWith('No mix of these paints comes near enough.', $advised->sentence);
        self::assertNotNull($advised->restart, 'it is still offered');
        self::assertNull($advisor(self::pot())->missing($this->advisor(self::pot(), ['straw' => 20])->recipes()[0]), 'what matches misses nothing');
    }

    public function testNothingIsAdvisedWithoutADabOfThisVeryPotNorWithoutPaint(): void
    {
        $pot = self::pot()->drop('straw', 20)->dabbed(Spectrum::flat(0.3))->drop('straw', 1);
        try {
            $this->advisor($pot, ['straw' => 20])->correct();
            self::fail('An old dab was taken for a new one.');
        } catch (NotNow $error) {
            self::assertStringStartsWith('Dab, let it dry and read it first', $error->getMessage());
        }
        $this->expectExceptionMessage('no paint on the shelf');
        (new PotAdvisor($pot, PotAim::of(Spectrum::flat(0.3), Gloss::Satin), new Palette([], [], []), 0.045, static fn (): bool => true))->recipes();
    }

    public function testWhatIsNearlyGoneIsNotMixedFromAndWhiteIsThePalest(): void
    {
        $paints = HouseRange::paints();
        $palette = new Palette($paints, ['straw' => 'Straw'], ['straw' => 0.03, 'chalk-white' => 10.0, 'brick' => 10.0]);
        self::assertEqualsCanonicalizing(['brick', 'chalk-white'], array_map(static fn (Paint $p): string => $p->id, $palette->colours(0.045)));
        self::assertSame('chalk-white', $palette->white()?->id);
        self::assertSame(['Straw', 'brick'], [$palette->name('straw'), $palette->name('brick')]);
        self::assertSame('brick', $palette->nearest(Light::daylight()->lab(self::of(['brick' => 1])), 1.0)?->id);
        self::assertNull($palette->nearest(Lab::of(50.0, 0.0, 0.0), 11.0));
        $poppy = Light::daylight()->lab(self::of(['poppy' => 1]));
        self::assertNotSame('poppy', $this->palette->nearest($poppy, 1.0)?->id, 'one coat of it hides hardly more than half');
        $ordered = array_intersect_key($paints, ['brick' => 1, 'straw' => 1]);
        $first = array_key_first($ordered);
        self::assertSame(
            'brick' === $first ? '3 brick + 2 Straw' : '2 Straw + 3 brick',
            (new Palette($ordered, ['straw' => 'Straw'], []))->words(['straw' => 2, 'brick' => 3]),
        );
    }

    public function testABaseIsTakenWhereItSavesCoats(): void
    {
        $weak = self::pot()->follow(['straw' => 20, 'marigold' => 12]);
        $covering = Covering::of($weak, [Ground::asRead(HouseRange::ground('black'))], Applicator::Sponge, $this->palette);
        $base = $covering->base();
        self::assertNotNull($base, 'yellow over black wants a base');
        self::assertTrue(null === $covering->bare->coats || $base->coats->all() < $covering->bare->coats);
        self::assertSame($covering->based[0], $base);
        self::assertStringContainsString(
            \sprintf(' Over %d of %s, %d will do.', $base->coats->baseCoats, $base->name, (int) $base->coats->coats),
            $covering->sentence(),
        );
        foreach ($covering->based as $other) {
            self::assertGreaterThanOrEqual($base->coats->all(), $other->coats->all());
        }

        $strong = Covering::of(self::pot()->drop('soot-black', 20), [Ground::asRead(HouseRange::ground('black'))], Applicator::Sponge, $this->palette);
        self::assertSame([1, null], [$strong->bare->coats, $strong->base()]);
        self::assertStringStartsWith('One coat covers.', $strong->sentence());
    }

    /** @param array<string, int> $drops */
    #[TestWith([[], 'Choose a recipe first.'])]
    #[TestWith([['clear-binder' => 3], 'Binder alone never covers.'])]
    public function testCoatsOfNothingAreNotForetold(array $drops, string $words): void
    {
        $this->expectExceptionMessage($words);
        Covering::of(self::pot()->follow($drops), [Ground::asRead(HouseRange::ground('black'))], Applicator::Sponge, $this->palette);
    }

    /** @param array<string, int> $target drops that give the colour aimed at */
    private function advisor(Pot $pot, array $target): PotAdvisor
    {
        return new PotAdvisor($pot, PotAim::of(self::of($target), Gloss::Mirror), $this->palette, 0.045, static fn (): bool => true);
    }

    /** A spot of 0.3 dm². */
    private static function pot(): Pot
    {
        return new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge));
    }

    /** @param array<string, int> $drops */
    private static function of(array $drops): Spectrum
    {
        return Mixture::of(HouseRange::paints(), $drops)->look();
    }
}
