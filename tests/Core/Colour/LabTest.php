<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Shade;
use PHPUnit\Framework\TestCase;

final class LabTest extends TestCase
{
    public function testKnownColoursComeOutAsTheirSrgb(): void
    {
        // Published values of the sRGB primaries under D65.
        self::assertSame('#ffffff', Lab::of(100.0, 0.0, 0.0)->toSrgbHex());
        self::assertSame('#000000', Lab::of(0.0, 0.0, 0.0)->toSrgbHex());
        self::assertSame('#ff0000', Lab::of(53.2408, 80.0925, 67.2032)->toSrgbHex());
        self::assertSame('#0000ff', Lab::of(32.2970, 79.1875, -107.8602)->toSrgbHex());
        self::assertSame('#777777', Lab::of(50.0344, 0.0, 0.0)->toSrgbHex());
    }

    public function testEveryShadeIsAColourOfItsOwn(): void
    {
        $hexes = array_map(static fn (Shade $s): string => $s->lab()->toSrgbHex(), Shade::cases());
        self::assertSame($hexes, array_unique($hexes));
        for ($asked = 0; $asked < 2; ++$asked) {
            self::assertSame($hexes, array_map(static fn (Shade $s): string => $s->hex(), Shade::cases()));
        }
    }

    public function testWhatIsNoColourIsRefused(): void
    {
        $this->expectException(\DomainException::class);
        Lab::of(120.0, 0.0, 0.0);
    }
}
