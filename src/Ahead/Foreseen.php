<?php

declare(strict_types=1);

namespace KindHeel\App\Ahead;

/** What lies ahead: who does what when, and when each piece is done. */
final readonly class Foreseen
{
    /**
     * @param list<array{int, int, int, int}> $blocks step, person (0 for nobody), start and end in seconds since 1970, in the order of their start
     * @param array<int, int>                 $ends   by piece, in seconds since 1970
     */
    public function __construct(public array $blocks, public array $ends)
    {
    }

    /** @return array<int, int> place of each step in the order of their start */
    public function ranks(): array
    {
        return array_flip(array_column($this->blocks, 0));
    }

    /** @return array<int, int> place of each step in the order of their start, what is meant for this person before all else */
    public function ranksFor(int $person): array
    {
        $mine = array_filter($this->blocks, static fn (array $b): bool => $b[1] === $person);

        return array_flip([...array_column($mine, 0), ...array_column(array_diff_key($this->blocks, $mine), 0)]);
    }
}
