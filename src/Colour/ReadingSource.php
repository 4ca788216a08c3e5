<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** How a colour came to be known. */
enum ReadingSource: string
{
    case Reader = 'reader';
    case Picture = 'picture';
    case Typed = 'typed';
    case File = 'file';
    case Swatch = 'swatch';

    public function label(): string
    {
        return match ($this) {
            self::Reader => 'colour reader',
            self::Picture => 'picture with a card',
            self::Typed => 'typed',
            self::File => 'file',
            self::Swatch => 'nearest swatch',
        };
    }

    /** How far it may be off at best, in ΔE00, when nothing better is known. */
    public function doubt(): float
    {
        return match ($this) {
            self::Reader => 0.2,
            self::File, self::Typed => 0.5,
            self::Picture => 5.0,
            self::Swatch => 4.0,
        };
    }
}
