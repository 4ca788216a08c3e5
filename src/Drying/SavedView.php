<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

/** A coat, and when it would be ready for the next in other air. */
final readonly class SavedView
{
    public function __construct(
        public string $pieceName,
        public string $title,
        /** null when it does not dry as it is */
        public ?string $was,
        public ?string $becomes,
        /** minutes saved; below nothing when it would take longer */
        public int $minutes,
    ) {
    }
}
