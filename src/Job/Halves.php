<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;

/** Which of a pair a step is for. */
enum Halves: string
{
    case Left = 'left';
    case Right = 'right';
    case Whole = 'whole';
    case Both = 'both';

    /** @param array<Place> $places */
    public static function of(array $places): self
    {
        $halves = [];
        foreach ($places as $place) {
            $halves[$place->half->value] = $place->half;
        }

        return 1 === \count($halves) ? self::only(array_values($halves)[0]) : self::Both;
    }

    /** “left ”, “right ” or nothing, before a part. */
    public function prefix(): string
    {
        return self::Left === $this || self::Right === $this ? $this->value.' ' : '';
    }

    private static function only(Half $half): self
    {
        return self::from($half->value);
    }
}
