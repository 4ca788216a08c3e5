<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** Something that is not known, and whether the plan depends on it. */
final readonly class QuestionView
{
    public function __construct(public string $half, public string $part, public int $plans, public ?string $trial, public string $text)
    {
    }
}
