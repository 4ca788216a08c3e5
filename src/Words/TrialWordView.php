<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;

final readonly class TrialWordView
{
    /** @param list<WordView<Outcome>> $outcomes */
    public function __construct(public Trial $id, public string $label, public string $how, public bool $identifies, public array $outcomes)
    {
    }
}
