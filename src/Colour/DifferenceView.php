<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Lab;

/** From an aim to what is there. */
final readonly class DifferenceView
{
    public function __construct(
        public float $dE00,
        public float $dL,
        public float $dC,
        public float $dH,
        public string $words,
    ) {
    }

    public static function off(Lab $aim, Lab $is): self
    {
        return self::said($aim, $is, DifferenceWords::of($aim, $is)->off());
    }

    public static function compared(Lab $one, Lab $other): self
    {
        return self::said($one, $other, DifferenceWords::of($one, $other)->compared());
    }

    private static function said(Lab $a, Lab $b, string $words): self
    {
        $found = Difference::between($a, $b);

        return new self(round($found->dE00, 2), round($found->dL, 2), round($found->dC, 2), round($found->dH, 2), $words);
    }
}
