<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Text\Message;

/** How much the leather lacks fat. */
enum Dryness: string
{
    case Supple = 'supple';
    case Thirsty = 'thirsty';
    case Stiff = 'stiff';
    case Brittle = 'brittle';

    public function sign(): string
    {
        return match ($this) {
            self::Supple => Message::of('folds and springs back'),
            self::Thirsty => Message::of('darkens at once under a little cream'),
            self::Stiff => Message::of('does not fold freely'),
            self::Brittle => Message::of('cracks when folded: stop'),
        };
    }
}
