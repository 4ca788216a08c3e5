<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

/** Names the state of a thing that the client has seen. */
final readonly class VersionInput
{
    public function __construct(public int $version)
    {
    }
}
