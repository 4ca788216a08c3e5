<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** How large a piece is: a shoe size (EU), or its longest side in mm as the tape says. */
final readonly class Size
{
    private const USUAL_EU = 42.0;

    private function __construct(public ?float $eu, public ?float $mm)
    {
    }

    /** @throws FieldError when nobody wears it */
    public static function eu(float $size): self
    {
        if (!($size >= 15.0 && $size <= 55.0)) {
            throw new FieldError('size_eu', Message::of('A shoe size (EU) lies between 15 and 55.'));
        }

        return new self($size, null);
    }

    /** @throws FieldError when no piece is so small or so large */
    public static function mm(float $longest): self
    {
        if (!($longest >= 50.0 && $longest <= 2500.0)) {
            throw new FieldError('length_mm', Message::of('The longest side of a piece lies between 50 and 2500 mm.'));
        }

        return new self(null, $longest);
    }

    public static function usual(Kind $kind): self
    {
        return $kind->family()->isFootwear() ? self::eu(self::USUAL_EU) : self::mm(Cut::usualLengthMm($kind));
    }

    /** @throws FieldError when it is measured in the other way */
    public static function of(Kind $kind, ?float $eu, ?float $mm): self
    {
        if ($kind->family()->isFootwear()) {
            return null === $mm
                ? (null === $eu ? self::usual($kind) : self::eu($eu))
                : throw new FieldError('length_mm', Message::of('Footwear goes by its shoe size, not by its length.'));
        }

        return null === $eu
            ? (null === $mm ? self::usual($kind) : self::mm($mm))
            : throw new FieldError('size_eu', Phrase::sentence('%s has no shoe size; measure its longest side.', Phrase::an($kind->label())));
    }

    /** How much more area than the usual size, with the square of the length (Q-1). */
    public function areaFactor(Kind $kind): float
    {
        return null !== $this->eu ? ($this->eu / self::USUAL_EU) ** 2 : ((float) $this->mm / Cut::usualLengthMm($kind)) ** 2;
    }

    /**
     * The longest thing that can be found on it, in mm. A shoe is two thirds of a centimetre a size (the Paris point) and a centimetre over; a shaft is longer
     * than the foot.
     */
    public function longestMm(Kind $kind): float
    {
        if (null !== $this->mm) {
            return $this->mm;
        }
        $foot = (float) $this->eu * 20.0 / 3.0 + 10.0;

        return round($foot * (PieceFamily::TallBoot === $kind->family() ? 1.6 : 1.0));
    }
}
