<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** What carries the product to the leather, the share of it that arrives and what stays behind in the pot (Q-2). */
enum Applicator: string
{
    case Brush = 'brush';
    case Sponge = 'sponge';
    case Cloth = 'cloth';
    case Fingers = 'fingers';
    case Dauber = 'dauber';
    case Airbrush = 'airbrush';
    case SprayCan = 'spray-can';
    case Bud = 'bud';
    case Pad = 'pad';
    case Pen = 'pen';
    case None = 'none';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::SprayCan => 'spray can',
            self::Bud => 'cotton bud',
            self::Brush, self::Sponge, self::Cloth, self::Fingers, self::Dauber, self::Airbrush, self::Pad, self::Pen, self::None => $this->value,
        });
    }

    public function transfer(): float
    {
        return match ($this) {
            self::Brush => 0.95,
            self::Fingers => 0.9,
            self::Sponge, self::Dauber => 0.85,
            self::Cloth => 0.8,
            self::Bud, self::Pad, self::Pen => 0.75,
            self::Airbrush => 0.6,
            self::SprayCan => 0.5,
            self::None => 1.0,
        };
    }

    /** What stays in the cup or the hairs when colour or film is laid. */
    public function potLossMl(): float
    {
        return match ($this) {
            self::Airbrush => 5.0,
            self::Brush => 2.0,
            self::Sponge, self::Cloth, self::Fingers, self::Dauber, self::SprayCan, self::Bud, self::Pad, self::Pen, self::None => 0.0,
        };
    }

    /** It lays an even film of paint. */
    public function laysPaint(): bool
    {
        return \in_array($this, [self::Sponge, self::Brush, self::Airbrush], true);
    }

    /** It wets a part evenly with dye. */
    public function laysDye(): bool
    {
        return $this->laysPaint() || self::Cloth === $this || self::Dauber === $this;
    }

    public function sprays(): bool
    {
        return self::Airbrush === $this || self::SprayCan === $this;
    }

    /** A touch of a few millimetres, not a coat of the part. */
    public function spots(): bool
    {
        return self::Bud === $this || self::Pen === $this;
    }

    /** Thickness of a dry coat of film: a brush lays 20–30 µm, a sponge 10–20, an airbrush 5–10. */
    public function dryMicrons(): float
    {
        return match ($this) {
            self::Brush, self::Dauber => 25.0,
            self::Airbrush, self::SprayCan => 7.5,
            self::Sponge, self::Cloth, self::Fingers, self::Bud, self::Pad, self::Pen, self::None => 15.0,
        };
    }
}
