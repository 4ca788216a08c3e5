<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Learning;

/**
 * By how much this workshop differs from the book, from what was seen here: the median of the ratios on a log scale, drawn towards 1 as if a few ratios of 1
 * had been seen as well, so that two odd days do not overturn a table. The spread is the median absolute deviation, scaled to a normal one (Hampel 1974).
 */
final readonly class Learned
{
    /** Ratios of 1 that are taken as seen. */
    private const PRIOR = 6;
    /** How far real minutes lie about the expected where nothing is known, as a standard deviation of their logarithm. */
    public const USUAL_SPREAD = 0.25;
    private const LEAST_SPREAD = 0.05;
    /** No workshop is so far from the book; beyond is a slip of the pen. */
    private const FARTHEST = 3.0;
    private const TO_NORMAL = 1.4826;

    private function __construct(public float $factor, public float $spread, public int $evidence)
    {
    }

    public static function nothing(): self
    {
        return new self(1.0, self::USUAL_SPREAD, 0);
    }

    /** @param list<float> $ratios real over expected, each above 0 */
    public static function from(array $ratios): self
    {
        $logs = array_values(
            array_map(
                static fn (float $r): float => max(-log(self::FARTHEST), min(log(self::FARTHEST), log($r))),
                array_filter($ratios, static fn (float $r): bool => $r > 0.0),
            ),
        );
        $n = \count($logs);
        if (0 === $n) {
            return self::nothing();
        }
        $middle = self::median($logs);
        $seen = self::TO_NORMAL * self::median(array_map(static fn (float $l): float => abs($l - $middle), $logs));

        return new self(
            exp($middle * $n / ($n + self::PRIOR)),
            max(self::LEAST_SPREAD, sqrt(($n * $seen ** 2 + self::PRIOR * self::USUAL_SPREAD ** 2) / ($n + self::PRIOR))),
            $n,
        );
    }

    /** @param non-empty-list<float> $values */
    public static function median(array $values): float
    {
        sort($values);
        $n = \count($values);
        $half = intdiv($n, 2);

        return 1 === $n % 2 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2;
    }
}
