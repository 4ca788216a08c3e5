<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

/** A process that the supervisor keeps running. */
final readonly class ProcessView
{
    /**
     * @param string      $state      as the supervisor calls it: running, starting, backoff, exited, stopped, fatal; unknown without one
     * @param int         $starts     how often it was started since ./start
     * @param string|null $since      when it came into that state
     * @param string|null $stillSince since when it has done nothing, in the workshop's time; null while it works
     */
    public function __construct(public string $name, public string $state, public int $starts, public ?string $since, public ?string $stillSince)
    {
    }
}
