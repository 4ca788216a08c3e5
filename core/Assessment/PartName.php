<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** The parts of a low shoe; other families bring theirs. */
enum PartName: string
{
    case Toe = 'toe';
    case Vamp = 'vamp';
    case Quarter = 'quarter';
    case Counter = 'counter';
    case Tongue = 'tongue';
    case Facing = 'facing';
    case Topline = 'topline';
    case Welt = 'welt';
    case SoleEdge = 'sole-edge';
    case HeelStack = 'heel-stack';
    case Outsole = 'outsole';
    case Lining = 'lining';
    case Insole = 'insole';
    case Laces = 'laces';
    case Stitching = 'stitching';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Where it bends with every step: wax cracks there, fillers too. */
    public function flexes(): bool
    {
        return !\in_array($this, [self::Toe, self::Counter, self::Welt, self::SoleEdge, self::HeelStack], true);
    }

    /** Comes off before cleaning and is listed, so that nothing is lost (S-3). */
    public function isDetachable(): bool
    {
        return \in_array($this, [self::Laces, self::Insole], true);
    }

    public function isUpper(): bool
    {
        return \in_array($this, [self::Toe, self::Vamp, self::Quarter, self::Counter, self::Tongue, self::Facing, self::Topline], true);
    }

    public function isEdge(): bool
    {
        return \in_array($this, [self::SoleEdge, self::HeelStack], true);
    }

    /** Inside, out of the way of dressing and polish. */
    public function isInside(): bool
    {
        return \in_array($this, [self::Lining, self::Insole], true);
    }

    /**
     * The share of a half's upper leather that this part is, for want of a measured area; edges are a fraction on top.
     */
    public function shareOfHalf(): float
    {
        return match ($this) {
            self::Toe => 0.14,
            self::Vamp => 0.26,
            self::Quarter => 0.34,
            self::Counter => 0.14,
            self::Tongue => 0.06,
            self::Facing => 0.04,
            self::Topline => 0.02,
            self::Welt => 0.03,
            self::SoleEdge => 0.06,
            self::HeelStack => 0.07,
            self::Outsole => 0.30,
            self::Lining => 0.80,
            self::Insole => 0.20,
            self::Laces, self::Stitching => 0.0,
        };
    }

    /**
     * What runs, sprays or rubs on this part can reach these (S-2).
     *
     * @return list<self>
     */
    public function neighbours(): array
    {
        return match ($this) {
            self::Toe => [self::Vamp, self::Welt, self::Stitching],
            self::Vamp => [self::Toe, self::Quarter, self::Tongue, self::Facing, self::Welt, self::Stitching],
            self::Quarter => [self::Vamp, self::Counter, self::Facing, self::Topline, self::Welt, self::Lining, self::Stitching],
            self::Counter => [self::Quarter, self::Topline, self::Welt, self::HeelStack, self::Lining],
            self::Tongue => [self::Vamp, self::Facing, self::Laces, self::Lining],
            self::Facing => [self::Vamp, self::Quarter, self::Tongue, self::Laces, self::Stitching],
            self::Topline => [self::Quarter, self::Counter, self::Lining],
            self::Welt => [self::Toe, self::Vamp, self::Quarter, self::Counter, self::SoleEdge, self::HeelStack, self::Stitching],
            self::SoleEdge => [self::Welt, self::Outsole, self::HeelStack],
            self::HeelStack => [self::Counter, self::Welt, self::SoleEdge, self::Outsole],
            self::Outsole => [self::SoleEdge, self::HeelStack],
            self::Lining => [self::Quarter, self::Counter, self::Tongue, self::Topline, self::Insole],
            self::Insole => [self::Lining],
            self::Laces => [self::Tongue, self::Facing],
            self::Stitching => [self::Toe, self::Vamp, self::Quarter, self::Facing, self::Welt],
        };
    }
}
