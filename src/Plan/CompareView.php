<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Treatment\Wish\School;

/** The sides of a school beside each other, before one is taken. */
final readonly class CompareView
{
    /** @param list<SideView> $sides */
    public function __construct(public School $school, public string $label, public string $usual, public array $sides)
    {
    }
}
