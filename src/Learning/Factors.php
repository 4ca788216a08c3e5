<?php

declare(strict_types=1);

namespace KindHeel\App\Learning;

use KindHeel\Core\Schedule\Learning\Learned;

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

    /** Such as “paint/airbrush”; an act without a product goes by its name. */
    public static function what(string $action, ?string $family, string $applicator): string
    {
        return null === $family ? $action : $family.'/'.$applicator;
    }

    public function drying(?string $family, string $applicator): float
    {
        return null === $family ? 1.0 : ($this->drying[$family.'/'.$applicator] ?? Learned::nothing())->factor;
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
