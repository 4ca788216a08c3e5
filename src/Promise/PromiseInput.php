<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use Symfony\Component\Validator\Constraints as Assert;

/** A promise that is given. */
final readonly class PromiseInput
{
    public function __construct(
        #[Assert\DateTime(format: \DATE_RFC3339, message: 'For when?')]
        public string $promisedAt,
        /** the promise as it stood when this was decided */
        public string $was,
        /** it is taken before everything else */
        public bool $rush = false,
    ) {
    }
}
