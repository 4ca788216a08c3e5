<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** What to do in a few words, how, and the test that ends the wait; hand time in minutes, and a minute share for each dm². */
final readonly class Instruction
{
    public function __construct(
        public string $title,
        public string $how,
        public ?string $gate,
        public float $minutes,
        public float $minutesPerDm2 = 0.0,
    ) {
    }
}
