<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/**
 * What a piece holds for longer than a step: a tree of its size, clamps, a slot of the rack. Taken as one of its steps begins, free again as another ends.
 * A value.
 */
final readonly class Holding
{
    /**
     * @param string $gear  what it is, by the name under which it is counted
     * @param string $from  key of the step that takes it
     * @param string $until key of the step that gives it back
     */
    public function __construct(public string $gear, public string $from, public string $until)
    {
    }
}
