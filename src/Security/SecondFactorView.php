<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

/** A secret for an app that makes numbers of it; kept only once one of them has been typed. */
final readonly class SecondFactorView
{
    public function __construct(
        /** as base32 */
        public string $secret,
        /** that an app reads from a square code */
        public string $address,
    ) {
    }
}
