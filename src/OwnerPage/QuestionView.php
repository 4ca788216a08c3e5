<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Material\Trial;

/** Something that is not known, and whether the plan depends on it. */
final readonly class QuestionView
{
    public function __construct(public Half $half, public PartName $part, public int $plans, public ?Trial $trial, public string $text)
    {
    }
}
