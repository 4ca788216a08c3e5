<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

/** A column of an old list: how it is headed, what it is taken for, and what stands in it. */
final readonly class OldListColumnView
{
    /** @param list<string> $samples the first few that are not empty */
    public function __construct(public string $head, public ?OldListColumn $is, public array $samples)
    {
    }
}
