<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Covering;
use KindHeel\Core\Colour\Pot\Ground;
use KindHeel\Core\Colour\Pot\GroundChange;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;

/** What a coat will lie on by the time it is laid. */
final class GroundTest extends TestCase
{
    private Palette $palette;

    protected function setUp(): void
    {
        $paints = HouseRange::paints();
        $this->palette = new Palette(
            [Paint::CLEAR_BINDER => Paint::clearBinder()] + $paints,
            array_map(static fn (Paint $p): string => $p->id, $paints),
            array_map(static fn (): float => 50.0, $paints),
        );
    }

    public function testWhereNothingIsToComeItLiesAsItWasRead(): void
    {
        $brown = HouseRange::ground('brown');
        $grounds = Ground::ahead($brown, []);
        self::assertSame([$brown, 'as it was read'], [$grounds[0]->film, $grounds[0]->words]);
        self::assertCount(1, $grounds);
        self::assertNull(Ground::changed([]));
    }

    public function testFillerIsPaleWhateverLiesRoundIt(): void
    {
        [$filler, $rest] = Ground::ahead(HouseRange::ground('black'), [GroundChange::Filled]);
        self::assertGreaterThan(80.0, $this->lightness($filler->film));
        self::assertSame('where it is filled', $filler->words);
        self::assertLessThan(25.0, $this->lightness($rest->film));
    }

    public function testARemoverShowsThePaleCoreUnlessItIsDyedThrough(): void
    {
        $black = HouseRange::ground('black');
        [$bare, $asRead] = Ground::ahead($black, [GroundChange::TakenDown]);
        self::assertGreaterThan($this->lightness($black) + 10.0, $this->lightness($bare->film));
        self::assertLessThan(70.0, $this->lightness($bare->film), 'most of the old colour stays');
        self::assertSame($black, $asRead->film);
        self::assertCount(1, Ground::ahead($black, [GroundChange::TakenDown], true));
    }

    public function testWhiteningTakesTheYellowOutAndLeavesTheLightness(): void
    {
        $yellowed = Light::daylight();
        $straw = HouseRange::ground('veg-tan-natural');
        [$white] = Ground::ahead($straw, [GroundChange::Whitened]);
        [$before, $after] = [$yellowed->lab($straw), $yellowed->lab($white->film)];
        self::assertEqualsWithDelta($before->b * 0.4, $after->b, 0.1);
        self::assertEqualsWithDelta($before->lightness, $after->lightness, 0.1);
    }

    public function testCoatsAreCountedOverTheLeastFavourable(): void
    {
        $dark = self::pot()->follow(['plum' => 12, 'beetroot' => 6]);
        $asRead = $this->covering($dark, Ground::ahead(HouseRange::ground('black'), []));
        $filled = $this->covering($dark, Ground::ahead(HouseRange::ground('black'), [GroundChange::Filled]));
        self::assertSame('where it is filled', $filled->over->words);
        self::assertGreaterThan($asRead->bare->coats, $filled->bare->coats);
        $pale = self::pot()->follow(['marigold' => 12, 'straw' => 6]);
        self::assertSame('as it was read', $this->covering($pale, Ground::ahead(HouseRange::ground('black'), [GroundChange::Filled]))->over->words);
    }

    public function testUnderAMattFinishDifferencesAreSmaller(): void
    {
        $pot = self::pot()->follow(['straw' => 20, 'marigold' => 12]);
        $grounds = [Ground::asRead(HouseRange::ground('black'))];
        $mirror = $this->covering($pot, $grounds)->bare;
        $matt = $this->covering($pot, $grounds, Gloss::Matt)->bare;
        self::assertLessThan($mirror->steps[0]->toOpaque, $matt->steps[0]->toOpaque);
        self::assertGreaterThan($mirror->steps[0]->lab->lightness, $matt->steps[0]->lab->lightness, 'its sheen makes it paler');
    }

    private static function pot(): Pot
    {
        return new Pot(PotNeed::of(0.3, 70.0, 2, Applicator::Sponge));
    }

    /** @param list<Ground> $grounds */
    private function covering(Pot $pot, array $grounds, Gloss $finish = Gloss::Mirror): Covering
    {
        return Covering::of($pot, $grounds, Applicator::Sponge, $this->palette, $finish);
    }

    private function lightness(Spectrum $film): float
    {
        return Light::daylight()->lab($film)->lightness;
    }
}
