<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class TrialWordView
{
    /** @param list<WordView> $outcomes */
    public function __construct(public string $id, public string $label, public string $how, public bool $identifies, public array $outcomes)
    {
    }
}
