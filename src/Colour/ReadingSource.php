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
    /** as another place is */
    case Like = 'like';
    case Pot = 'pot';
    /** a family of colours, such as navy */
    case Family = 'family';

    public function label(): string
    {
        return match ($this) {
            self::Reader => 'colour reader',
            self::Picture => 'picture with a card',
            self::Typed => 'typed',
            self::File => 'file',
            self::Swatch => 'nearest swatch',
            self::Like => 'as another place',
            self::Pot => 'as a pot dries',
            self::Family => 'a family of colours',
        };
    }

    /** How far it may be off at best, in ΔE00, when nothing better is known. */
    public function doubt(): float
    {
        return match ($this) {
            self::Reader, self::Like => 0.2,
            self::Pot => 1.0,
            self::File, self::Typed => 0.5,
            self::Picture, self::Family => 5.0,
            self::Swatch => 4.0,
        };
    }
}
