<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** The time of one pair of hands. */
final readonly class TapeView
{
    /**
     * @param list<BlockView> $today    what they did and will be needed for
     * @param list<BlockView> $tomorrow what they will be needed for on the day after
     * @param list<SpanView>  $hours    when they work, on the day that is shown
     */
    public function __construct(
        public int $person,
        public string $name,
        public array $today,
        public array $tomorrow,
        public array $hours,
        /** what they go on with, and when, whatever the day; null when nothing is meant for them */
        public ?BlockView $next = null,
    ) {
    }
}
