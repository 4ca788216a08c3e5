<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

final readonly class HandsView
{
    /** @param list<HandView> $hands */
    public function __construct(public array $hands)
    {
    }
}
