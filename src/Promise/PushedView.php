<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** A piece that a rush would push back. */
final readonly class PushedView
{
    public function __construct(
        public int $piece,
        public string $name,
        public string $customer,
        public string $promisedAt,
        public ?string $was,
        public ?string $becomes,
        /** its promise held before and would not any more */
        public bool $breaks,
    ) {
    }
}
