<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

/** What a piece holds for longer than a step: a tree of its size, a clamp, a slot of the rack. */
enum Gear: string
{
    case TreesTo38 = 'trees-to-38';
    case TreesTo41 = 'trees-to-41';
    case TreesTo44 = 'trees-to-44';
    case TreesAbove = 'trees-above';
    case Clamps = 'clamps';
    case Rack = 'rack';

    public static function treesFor(float $sizeEu): self
    {
        return match (true) {
            $sizeEu < 38.5 => self::TreesTo38,
            $sizeEu < 41.5 => self::TreesTo41,
            $sizeEu < 44.5 => self::TreesTo44,
            default => self::TreesAbove,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TreesTo38 => 'pairs of trees to size 38',
            self::TreesTo41 => 'pairs of trees, 39 to 41',
            self::TreesTo44 => 'pairs of trees, 42 to 44',
            self::TreesAbove => 'pairs of trees from 45',
            self::Clamps => 'sets of clamps',
            self::Rack => 'slots on the rack',
        };
    }

    public function usual(): int
    {
        return match ($this) {
            self::Rack => 24,
            self::TreesTo38, self::TreesTo41, self::TreesTo44, self::TreesAbove, self::Clamps => 6,
        };
    }
}
