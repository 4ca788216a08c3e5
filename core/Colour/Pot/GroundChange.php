<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Text\Message;

/** What is done to a part between its reading and the first coat of colour, as far as the colour will lie on something else by it. */
enum GroundChange: string
{
    case TakenDown = 'taken-down';
    case Filled = 'filled';
    case Whitened = 'whitened';

    public function words(): string
    {
        return match ($this) {
            self::TakenDown => Message::of('its finish taken down'),
            self::Filled => Message::of('filled'),
            self::Whitened => Message::of('whitened'),
        };
    }
}
