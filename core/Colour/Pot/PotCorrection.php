<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Recipe\Recipe;

/** What to do with a pot whose dab was read. */
final readonly class PotCorrection
{
    /**
     * @param array<string, int> $additions by paint, none of 0
     * @param Recipe             $after     the pot with them
     * @param Recipe|null        $restart   a clean pot instead; null when the additions bring it there
     */
    public function __construct(public Advice $advice, public string $sentence, public array $additions, public Recipe $after, public ?Recipe $restart)
    {
    }
}
