<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** A calendar address that is in use. */
final readonly class FeedRowView
{
    public function __construct(public int $id, public string $madeAt)
    {
    }
}
