<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Text\Message;

/** Why additions cannot bring a pot to its target. */
enum NotReached: string
{
    case TooMany = 'too_many';
    case Capacity = 'capacity';
    case OutOfRange = 'out_of_range';

    public function message(): string
    {
        return match ($this) {
            self::TooMany => Message::of('It would have to climb back through more different paints than one correction should hold.'),
            self::Capacity => Message::of('The pot is too full of the wrong colour to be turned.'),
            self::OutOfRange => Message::of('No mix of these paints comes near enough.'),
        };
    }
}
