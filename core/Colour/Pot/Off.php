<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Text\Message;

/** How a dab is off, as an eye says it that has no instrument. */
enum Off: string
{
    case Lighter = 'lighter';
    case Deeper = 'deeper';
    case Redder = 'redder';
    case Greener = 'greener';
    case Yellower = 'yellower';
    case Bluer = 'bluer';
    case Cleaner = 'cleaner';
    case Dirtier = 'dirtier';

    public function label(): string
    {
        return Message::of($this->value);
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Lighter => self::Deeper,
            self::Deeper => self::Lighter,
            self::Redder => self::Greener,
            self::Greener => self::Redder,
            self::Yellower => self::Bluer,
            self::Bluer => self::Yellower,
            self::Cleaner => self::Dirtier,
            self::Dirtier => self::Cleaner,
        };
    }
}
