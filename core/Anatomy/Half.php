<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

/** One of a pair, or a piece that has no fellow. */
enum Half: string
{
    case Left = 'left';
    case Right = 'right';
    case Whole = 'whole';

    public function other(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Whole => self::Whole,
        };
    }
}
