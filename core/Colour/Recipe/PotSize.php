<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Text\Message;

/** How many drops a pot may hold. */
final readonly class PotSize
{
    private function __construct(public int $min, public int $max)
    {
    }

    /** @throws ColourError */
    public static function of(int $min, int $max): self
    {
        if ($min < 0 || $max < 1 || $min > $max) {
            throw new ColourError(Message::of('A pot holds at least one drop, and no more than its largest count.'));
        }

        return new self(max(1, $min), $max);
    }
}
