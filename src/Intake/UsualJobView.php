<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;

/** A usual job, as it is offered at the counter. */
final readonly class UsualJobView
{
    /** @param list<PieceFamily> $families for which it is; all where empty */
    public function __construct(public int $id, public string $name, public array $families, public Aim $aim, public Gloss $gloss)
    {
    }
}
