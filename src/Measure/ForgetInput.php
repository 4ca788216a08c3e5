<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** A part that is planned with the usual figure again. */
final readonly class ForgetInput
{
    public function __construct(public int $version, public PartName $part, public Half $half)
    {
    }
}
