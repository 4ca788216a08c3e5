<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Treatment\Wish\School;

/** Every school, as this workshop has it. */
final readonly class SchoolsView
{
    /** @param list<SchoolView> $schools */
    public function __construct(public array $schools)
    {
    }

    /**
     * @param array<string, string> $workshop side by school
     * @param array<string, string> $plan
     */
    public static function of(array $workshop, array $plan = []): self
    {
        return new self(array_map(static function (School $school) use ($workshop, $plan): SchoolView {
            $sides = [];
            foreach ($school->sides() as $id => $says) {
                $sides[] = new SideSaysView($id, $says);
            }

            return new SchoolView($school, $school->label(), $school->usual(), $sides, $workshop[$school->value] ?? null, $plan[$school->value] ?? null);
        }, School::cases()));
    }
}
