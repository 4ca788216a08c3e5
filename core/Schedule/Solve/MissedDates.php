<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Dates that a beam did not keep: as wide a one keeps none of which each is as early or earlier. */
final class MissedDates
{
    /** @var list<array{array<int, int>, int}> dates by job, and how wide the beam was */
    private array $missed = [];

    /** @param array<int, int> $dates by job */
    public function add(array $dates, int $width): void
    {
        $this->missed[] = [$dates, $width];
    }

    /**
     * How wide the widest beam was that kept not even these dates, or later ones; 0 where there was none.
     *
     * @param array<int, int> $dates by job
     */
    public function widest(array $dates): int
    {
        $widest = 0;
        foreach ($this->missed as [$missed, $width]) {
            if ($width <= $widest) {
                continue;
            }
            foreach ($dates as $j => $date) {
                if ($date > $missed[$j]) {
                    continue 2;
                }
            }
            $widest = $width;
        }

        return $widest;
    }
}
