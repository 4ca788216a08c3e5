<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class TermsAgoView
{
    /** @param list<string> $changed against those before, in words */
    public function __construct(public int $id, public string $at, public string $by, public array $changed)
    {
    }
}
