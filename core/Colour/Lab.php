<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** A colour in CIELAB (CIE 015:2018); under daylight (D65, 2°) unless a light is named beside it. */
final readonly class Lab
{
    private function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    /**
     * A colour somebody gives.
     *
     * @throws \DomainException outside L* 0–100 or a*, b* ±128
     */
    public static function of(float $lightness, float $a, float $b): self
    {
        if (!($lightness >= 0.0 && $lightness <= 100.0 && abs($a) <= 128.0 && abs($b) <= 128.0)) {
            throw new \DomainException(Message::of('L* lies between 0 and 100, a* and b* between -128 and 128'));
        }

        return new self($lightness, $a, $b);
    }

    /** A colour that arithmetic gives: any finite numbers. */
    public static function computed(float $lightness, float $a, float $b): self
    {
        return new self($lightness, $a, $b);
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Degrees, 0–360. */
    public function hue(): float
    {
        $degrees = rad2deg(atan2($this->b, $this->a));

        return $degrees < 0.0 ? $degrees + 360.0 : $degrees;
    }

    /** `#rrggbb` of sRGB under daylight; what a screen cannot show is clipped per channel. */
    public function toSrgbHex(): string
    {
        return Light::daylight()->hex($this);
    }
}
