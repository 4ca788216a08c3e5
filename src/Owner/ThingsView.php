<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** One’s own things, where there is no counter: what they are, which of them lie on the bench, and what the next sittings bring. */
final readonly class ThingsView
{
    /**
     * @param list<ThingAtWorkView> $atWork
     * @param list<SittingView>     $sittings the soonest first
     */
    public function __construct(public OwnerDetailsView $owner, public array $atWork, public array $sittings)
    {
    }
}
