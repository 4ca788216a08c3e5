<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

final readonly class OwnersView
{
    /** @param list<OwnerView> $owners who was here last first */
    public function __construct(public array $owners)
    {
    }
}
