<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

/** Somebody whose pieces have been here. */
final readonly class OwnerView
{
    /** @param list<OwnerPieceView> $pieces the newest first */
    public function __construct(public string $customer, public string $contact, public string $lastAt, public array $pieces)
    {
    }
}
