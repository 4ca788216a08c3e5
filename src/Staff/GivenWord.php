<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

/** A word with which somebody signs in once. */
final readonly class GivenWord
{
    public function __construct(public int $person, public string $word)
    {
    }
}
