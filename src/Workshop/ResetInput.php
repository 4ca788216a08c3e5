<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Learning\EvidenceKind;

/** What is to be learned anew. */
final readonly class ResetInput
{
    public function __construct(public EvidenceKind $kind, public string $what)
    {
    }
}
