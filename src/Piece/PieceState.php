<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** How far a piece has come, from its counts; the word that screens and lists share. */
final class PieceState
{
    public static function word(int $assessed, ?int $plannedFrom, int $all, int $begun, bool $finished): string
    {
        return match (true) {
            $finished => 'finished',
            $begun > 0 => 'in-work',
            null === $plannedFrom => 0 === $assessed ? 'to-look-over' : 'to-plan',
            0 === $all => 'referred',
            $plannedFrom !== $assessed => 'to-plan',
            default => 'planned',
        };
    }
}
