<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

/** Somebody who is known here, and what they brought. */
final readonly class OwnerView
{
    /** @param list<OwnerPieceView> $pieces the newest first */
    public function __construct(public int $id, public string $customer, public string $contact, public string $lastAt, public array $pieces)
    {
    }
}
