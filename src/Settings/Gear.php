<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use KindHeel\Core\Treatment\Action;

/** What a piece holds for longer than a step: a tree of its size, a clamp, a slot of the rack. */
enum Gear: string
{
    case TreesTo38 = 'trees-to-38';
    case TreesTo41 = 'trees-to-41';
    case TreesTo44 = 'trees-to-44';
    case TreesAbove = 'trees-above';
    case Clamps = 'clamps';
    case Rack = 'rack';

    /** Acts that take some, each with the one that gives it back; where no step does, a piece has it until it goes. */
    public const LENT = [[Action::Tree, Action::TreeOut], [Action::Bond, Action::Unclamp]];

    /** What an act takes, or gives back, at a piece of a size; null for nothing. */
    public static function of(Action $act, ?float $sizeEu): ?self
    {
        return match ($act) {
            Action::Tree, Action::TreeOut => null === $sizeEu ? null : self::treesFor($sizeEu),
            Action::Bond, Action::Unclamp => self::Clamps,
            default => null,
        };
    }

    private static function treesFor(float $sizeEu): self
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
