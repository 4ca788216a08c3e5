<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\DyeFinish;
use KindHeel\Core\Colour\DyeLadder;
use KindHeel\Core\Colour\DyeWash;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;

/** What a finish makes of dyed leather. */
final class DyeFinishTest extends TestCase
{
    public function testItDeepensTheDyeAndItsShineTakesTheVeilOff(): void
    {
        $dye = HouseRange::dye('russet');
        $dyed = DyedLeather::look(HouseRange::ground('veg-tan-natural'), [[$dye, 0.6]]);
        $layers = [[$dye, 0.6]];
        $matt = (new DyeFinish(Gloss::Matt))->over($dyed, $layers);
        $mirror = (new DyeFinish(Gloss::Mirror))->over($dyed, $layers);
        self::assertLessThan($this->lightness($dyed), $this->lightness($matt));
        self::assertLessThan($this->lightness($matt), $this->lightness($mirror));
        self::assertEquals(Sheen::moved($dyed, Gloss::Matt, Gloss::Satin), (new DyeFinish(Gloss::Satin))->over($dyed, []), 'without a dye it only shines');
    }

    public function testBluesAreExpectedToDeepenMost(): void
    {
        self::assertSame(DyeFinish::USUAL, DyeFinish::usual(HouseRange::dye('russet')));
        self::assertSame(DyeFinish::USUAL_OF_BLUES, DyeFinish::usual(HouseRange::dye('night-blue')));
    }

    public function testWhatWasDeepenedIsFoundAgainInTheReadings(): void
    {
        $dye = HouseRange::dye('russet');
        $dyed = DyedLeather::look(HouseRange::ground('veg-tan-natural'), [[$dye, 0.6]]);
        foreach ([0.8, 1.1, 1.6, 2.4] as $factor) {
            $after = (new DyeFinish(Gloss::Satin, [$dye->id => $factor]))->over($dyed, [[$dye, 0.6]]);
            self::assertEqualsWithDelta($factor, DyeFinish::deepened($dyed, $after, Gloss::Satin), 0.02);
        }
    }

    public function testFewReadingsTeachLittleAndManyMuch(): void
    {
        $dye = HouseRange::dye('russet');
        self::assertEqualsWithDelta((2.0 + 2.0 * DyeFinish::USUAL) / 3.0, DyeFinish::learned($dye, [2.0]), 1e-9);
        self::assertEqualsWithDelta(2.0, DyeFinish::learned($dye, array_fill(0, 60, 2.0)), 0.04);
    }

    public function testALadderUnderAFinishIsComparedAsItWillBeSeen(): void
    {
        $leather = HouseRange::ground('veg-tan-natural');
        $dye = HouseRange::dye('russet');
        $light = Light::daylight();
        $finish = new DyeFinish(Gloss::Glow, [$dye->id => 1.7]);
        $ladder = new DyeLadder($leather, 1.0, $light, $finish);
        $wash = new DyeWash($dye, 3, 1);
        $target = $light->lab($ladder->finished($wash));
        $match = $ladder->nearest($target, [$dye])[0];
        self::assertSame([3, 1], [$match->washes[0]->thinner, $match->washes[0]->coats]);
        self::assertLessThan(0.01, $match->dE00);
        $bare = (new DyeLadder($leather, 1.0, $light))->nearest($target, [$dye])[0];
        self::assertNotSame([3, 1], [$bare->washes[0]->thinner, $bare->washes[0]->coats], 'bare it would be laid too deep');
        self::assertGreaterThan(2.0, Difference::ciede2000($target, $light->lab($ladder->look($wash))));
    }

    private function lightness(Spectrum $look): float
    {
        return Light::daylight()->lab($look)->lightness;
    }
}
