<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

/** What this bench does not take on, why, and who does (J-6). */
final readonly class Declined
{
    public function __construct(public string $rule, public string $sentence, public string $to, public bool $wholePiece)
    {
    }
}
