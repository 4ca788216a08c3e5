<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;

/** A job that was much like this one. */
final readonly class LikeJobView
{
    /**
     * @param float        $likeness 0–1
     * @param list<string> $found
     * @param list<string> $done     with what kind of product, in its order
     * @param int          $minutes  by hand, as it really took
     */
    public function __construct(
        public int $piece,
        public string $name,
        public Kind $kind,
        public Aim $aim,
        public float $likeness,
        public array $found,
        public array $done,
        public int $minutes,
        public string $finishedAt,
    ) {
    }
}
