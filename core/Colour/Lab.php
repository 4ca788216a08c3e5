<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** A colour in CIELAB under D65, 2° observer (CIE 15:2004). */
final readonly class Lab
{
    /** D65 white of the 2° observer, Y = 1. */
    private const WHITE = [0.95047, 1.0, 1.08883];

    private function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    /** @throws \DomainException outside L* 0–100 or a*, b* ±128 */
    public static function of(float $lightness, float $a, float $b): self
    {
        if (!($lightness >= 0.0 && $lightness <= 100.0 && abs($a) <= 128.0 && abs($b) <= 128.0)) {
            throw new \DomainException('L* lies between 0 and 100, a* and b* between -128 and 128');
        }

        return new self($lightness, $a, $b);
    }

    /** `#rrggbb` of sRGB (IEC 61966-2-1); what a screen cannot show is clipped per channel. */
    public function toSrgbHex(): string
    {
        $fy = ($this->lightness + 16.0) / 116.0;
        $x = self::WHITE[0] * self::inverse($fy + $this->a / 500.0);
        $y = self::WHITE[1] * self::inverse($fy);
        $z = self::WHITE[2] * self::inverse($fy - $this->b / 200.0);

        return \sprintf(
            '#%02x%02x%02x',
            self::channel(3.2404542 * $x - 1.5371385 * $y - 0.4985314 * $z),
            self::channel(-0.9692660 * $x + 1.8760108 * $y + 0.0415560 * $z),
            self::channel(0.0556434 * $x - 0.2040259 * $y + 1.0572252 * $z),
        );
    }

    private static function inverse(float $t): float
    {
        return $t > 6.0 / 29.0 ? $t ** 3 : 3.0 * (6.0 / 29.0) ** 2 * ($t - 4.0 / 29.0);
    }

    private static function channel(float $linear): int
    {
        $linear = max(0.0, min(1.0, $linear));
        $encoded = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1.0 / 2.4) - 0.055;

        return (int) round(255.0 * $encoded);
    }
}
