<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

final readonly class SignedView
{
    public function __construct(
        public string $by,
        public string $at,
        /** path of the pen in a field of 600 × 200 */
        public string $path,
        /** the piece has been changed since */
        public bool $outdated,
    ) {
    }
}
