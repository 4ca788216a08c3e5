<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** The time of one pair of hands. */
final readonly class TapeView
{
    /**
     * @param list<BlockView> $today    what they did and will be needed for
     * @param list<BlockView> $tomorrow what they will be needed for on the day after
     */
    public function __construct(public int $person, public string $name, public array $today, public array $tomorrow)
    {
    }
}
