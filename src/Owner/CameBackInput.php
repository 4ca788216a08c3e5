<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;

/** A visit puts an earlier one right. */
final readonly class CameBackInput
{
    public function __construct(public int $visit, public Fault $fault, public ?Cause $cause = null)
    {
    }
}
