<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

final readonly class AgreedView
{
    public function __construct(public string $aim, public string $gloss, public string $patina)
    {
    }
}
