<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

use KindHeel\Core\Quantity\RoundUp;

/** When a product is to be ordered again, and how much of it (Q-7). */
final readonly class OrderPoint
{
    /** After an order there is enough for as long as this, beside what the way takes. */
    private const DAYS_AHEAD = 30;

    /**
     * @param float $level    what is free falls below this: it is ordered
     * @param float $perDay   what is used
     * @param float $usualJob what one job takes
     */
    private function __construct(public float $level, public float $perDay, public float $usualJob)
    {
    }

    /**
     * Lead time × use + one usual job's worth.
     *
     * @param float $perDay   what is used, over the days looked back on
     * @param float $usualJob what one job takes of it
     */
    public static function of(float $perDay, int $leadDays, float $usualJob): self
    {
        return new self($leadDays * $perDay + $usualJob, $perDay, $usualJob);
    }

    /**
     * @param float $free what is there beyond what plans have spoken for; below 0 where they ask for more
     *
     * @return int packs to order; 0 where there is enough
     */
    public function packs(float $free, float $pack): int
    {
        return $free < $this->level || $free < 0.0
            ? max(1, RoundUp::whole(($this->level + self::DAYS_AHEAD * $this->perDay - $free) / $pack))
            : 0;
    }

    /**
     * One usual job: the median of what jobs took.
     *
     * @param list<float> $jobs
     */
    public static function usualJob(array $jobs): float
    {
        if ([] === $jobs) {
            return 0.0;
        }
        sort($jobs);
        $middle = intdiv(\count($jobs), 2);

        return 1 === \count($jobs) % 2 ? $jobs[$middle] : ($jobs[$middle - 1] + $jobs[$middle]) / 2.0;
    }
}
