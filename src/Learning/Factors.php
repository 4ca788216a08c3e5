<?php

declare(strict_types=1);

namespace KindHeel\App\Learning;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Treatment\WorkKey;

/** What this workshop has learned, by what it is about and, for the minutes of hands, by whose hands. */
final readonly class Factors
{
    /**
     * @param array<string, Learned> $drying
     * @param array<string, Learned> $minutes
     * @param array<int, Learned>    $people  against what the workshop has learned
     */
    public function __construct(public array $drying = [], public array $minutes = [], public array $people = [])
    {
    }

    public function drying(?FamilyId $family, Applicator $applicator): float
    {
        return null === $family ? 1.0 : ($this->drying[WorkKey::drying($family, $applicator)] ?? Learned::nothing())->factor;
    }

    public function minutes(string $what): Learned
    {
        return $this->minutes[$what] ?? Learned::nothing();
    }

    public function person(int $person): float
    {
        return ($this->people[$person] ?? Learned::nothing())->factor;
    }
}
