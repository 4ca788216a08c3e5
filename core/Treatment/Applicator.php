<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** What carries the product to the leather, and the share of it that arrives (Q-2). */
enum Applicator: string
{
    case Brush = 'brush';
    case Cloth = 'cloth';
    case Fingers = 'fingers';
    case Dauber = 'dauber';
    case None = 'none';

    public function transfer(): float
    {
        return match ($this) {
            self::Cloth => 0.8,
            self::Brush, self::Fingers, self::Dauber => 0.95,
            self::None => 1.0,
        };
    }
}
