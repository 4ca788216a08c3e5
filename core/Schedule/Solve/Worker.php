<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Somebody who works: what they can, and when they are here. */
final readonly class Worker
{
    /**
     * @param list<string>          $skills
     * @param list<array{int, int}> $shifts from and until in minutes from now, in their order, none overlapping
     */
    public function __construct(public string $id, public array $skills, public array $shifts)
    {
    }

    public function can(?string $skill): bool
    {
        return null === $skill || \in_array($skill, $this->skills, true);
    }
}
