<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** A promise that is given. */
final readonly class PromiseInput
{
    public function __construct(
        public string $promisedAt,
        /** the promise as it stood when this was decided */
        public string $was,
        /** it is taken before everything else */
        public bool $rush = false,
    ) {
    }
}
