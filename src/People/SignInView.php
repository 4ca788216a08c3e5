<?php

declare(strict_types=1);

namespace KindHeel\App\People;

/** Where somebody is signed in. */
final readonly class SignInView
{
    public function __construct(
        public int $id,
        /** such as “Firefox on Android” */
        public string $device,
        public string $beganAt,
        /** to ten minutes */
        public string $seenAt,
        /** took over a tablet by their short number */
        public bool $byPin,
        public bool $here,
    ) {
    }
}
