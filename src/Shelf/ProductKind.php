<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** What a product is, as far as colour goes. */
enum ProductKind: string
{
    case Paint = 'paint';
    case Dye = 'dye';
    case Binder = 'binder';
    /** no colour is mixed from it */
    case Plain = 'plain';

    /** @return list<self> those that a pot or a dye is made of */
    public static function colours(): array
    {
        return [self::Paint, self::Dye, self::Binder];
    }
}
