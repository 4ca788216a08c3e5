<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

final readonly class OwnerListView
{
    /** @param list<OwnerRowView> $owners */
    public function __construct(public array $owners, public int $page, public bool $more)
    {
    }
}
