<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

/** What to add to a pot, and what that gives. */
final readonly class Correction
{
    /**
     * @param array<string, int> $additions by paint; none of 0
     * @param Recipe             $before    the pot as it is
     * @param Recipe             $after     the pot with the additions
     * @param NotReached|null    $reason    null when the target is reached
     * @param Recipe|null        $restart   a fresh pot instead, when it is not
     */
    public function __construct(public array $additions, public Recipe $before, public Recipe $after, public ?NotReached $reason, public ?Recipe $restart)
    {
    }

    public function added(): int
    {
        return array_sum($this->additions);
    }
}
