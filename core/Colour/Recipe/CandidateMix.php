<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

/** A mix under consideration: corners, their shares, and how far it is from the target, first estimated and then computed. */
final readonly class CandidateMix
{
    /**
     * @param list<int>   $corners
     * @param list<float> $shares  add up to 1
     * @param float       $near    ΔE00, estimated or computed
     */
    public function __construct(public array $corners, public array $shares, public float $near)
    {
    }

    public static function nearestFirst(self $a, self $b): int
    {
        return $a->near <=> $b->near;
    }
}
