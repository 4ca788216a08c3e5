<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

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
            self::Supple => 'folds and springs back',
            self::Thirsty => 'darkens at once under a little cream',
            self::Stiff => 'does not fold freely',
            self::Brittle => 'cracks when folded: stop',
        };
    }
}
