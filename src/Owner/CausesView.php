<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

final readonly class CausesView
{
    /**
     * @param list<CauseView> $causes the likeliest first
     * @param list<string>    $coats  of the visit: what was laid, by whom, when, in what air
     */
    public function __construct(public array $causes, public array $coats)
    {
    }
}
