<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** A new calendar address: shown this once, as only a fingerprint of it is kept. */
final readonly class FeedMadeView
{
    public function __construct(public int $id, public string $path)
    {
    }
}
