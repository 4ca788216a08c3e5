<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Offer\Worth;

/** One way to treat a piece: what it costs, what it brings, what it asks. Sums are in hundredths, tax included where nothing else is said. */
final readonly class WayView
{
    /**
     * @param list<LineView> $lines    work and materials, before tax
     * @param list<string>   $gone
     * @param list<string>   $softer
     * @param list<string>   $stays
     * @param list<string>   $risks
     * @param list<string>   $care
     * @param list<string>   $dropped  left out to keep the hour
     * @param list<LineView> $fixed    the workshop’s own prices of usual jobs that go as far
     * @param list<string>   $unpriced products whose price nobody knows
     */
    public function __construct(
        public Aim $aim,
        /** it can be done; else the reason why it cannot */
        public ?string $cannot,
        public array $lines,
        public int $overhead,
        public int $rush,
        public int $net,
        public int $tax,
        public int $rounding,
        public int $gross,
        public int $low,
        public int $high,
        /** of the price of another piece, in hundredths; null without one */
        public ?int $share,
        public ?Worth $advice,
        public string $adviceSays,
        public int $minutes,
        public array $gone,
        public array $softer,
        public array $stays,
        public array $risks,
        public array $care,
        public array $dropped,
        public array $fixed,
        public array $unpriced,
    ) {
    }
}
