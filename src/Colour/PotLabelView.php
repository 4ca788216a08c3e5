<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What a label says beside what its pot says itself. */
final readonly class PotLabelView
{
    /** @param list<string> $lots that it was mixed from */
    public function __construct(public string $customer, public string $finish, public string $places, public array $lots)
    {
    }
}
