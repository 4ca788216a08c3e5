<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Product\Applicator;

final readonly class ApplicatorWordView
{
    public function __construct(public Applicator $id, public string $label, public bool $laysPaint, public bool $laysDye)
    {
    }
}
