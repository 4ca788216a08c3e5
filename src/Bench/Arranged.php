<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\Core\Anatomy\Kind;

/** How parts of a piece are arranged while it is worked on. */
enum Arranged: string
{
    case Off = 'off';
    case Taped = 'taped';
    case Held = 'held';
    case OnTree = 'on-tree';
    case FilledOut = 'filled-out';
    case LaidFlat = 'laid-flat';

    /** What holds the shape of a kind: footwear stands on trees, flat goods lie on a board, all else is filled with paper. */
    public static function inShape(Kind $kind): self
    {
        return match (true) {
            $kind->isFlat() => self::LaidFlat,
            $kind->family()->isFootwear() => self::OnTree,
            default => self::FilledOut,
        };
    }
}
