<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\Cause;

/** Why something may have come back. */
final readonly class CauseView
{
    public function __construct(public Cause $cause, public string $label, public float $share, public ?string $sign)
    {
    }
}
