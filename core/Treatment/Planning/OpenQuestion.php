<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Material\Trial;

/** Something that is not known of a piece, and whether it matters for the plan. */
final readonly class OpenQuestion
{
    /**
     * @param non-empty-list<Place> $places that it is about
     * @param int                   $plans  different plans that are still possible; 1 when nothing depends on it
     * @param Trial|null            $trial  that settles most; null when none is worth its risk
     */
    public function __construct(public array $places, public int $plans, public ?Trial $trial, public string $sentence)
    {
    }
}
