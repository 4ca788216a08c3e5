<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** What a step can do to a person, told with it; the label and local rules come first (H-1). */
final class Cautions
{
    private const POLISHES = [FamilyId::Cream, FamilyId::Wax, FamilyId::Shine];
    /** Rules that warn rather than explain. */
    public const NUMBERS = ['H-1', 'H-2', 'H-3', 'H-4', 'H-5', 'H-6', 'H-7', 'H-8', 'H-9', 'H-10', 'H-11', 'H-12'];

    /** @return list<Hazard> those that this use of a family brings: what is not sprayed needs no filter, filler makes dust when it is sanded */
    public static function hazards(Step $step): array
    {
        if (Action::Sand === $step->action) {
            return [Hazard::Dust];
        }
        if (Action::Trial === $step->action) {
            return array_values(
                array_unique(
                    array_merge(
                        [],
                        ...array_map(
                            static fn (FamilyId $f): array => array_filter(Family::of($f)->hazards, static fn (Hazard $h): bool => Hazard::Spray !== $h),
                            $step->tries,
                        ),
                    ),
                    \SORT_REGULAR,
                ),
            );
        }

        // A fingertip of polish is no solvent job.
        return null === $step->family ? [] : array_values(array_filter(
            Family::of($step->family)->hazardsBy($step->applicator),
            static fn (Hazard $h): bool => Hazard::Solvent !== $h || !\in_array($step->family, self::POLISHES, true),
        ));
    }

    /**
     * @param list<Hazard> $hazards
     * @param list<string> $rules
     *
     * @return list<string> numbers, each once
     */
    public static function of(Step $step, array $hazards, array $rules): array
    {
        $numbers = [
            ...array_map(static fn (Hazard $h): string => $h->rule(), $hazards),
            ...null === $step->family ? [] : Family::of($step->family)->cautions,
            ...array_intersect($rules, self::NUMBERS),
        ];
        if (Action::IronCrease === $step->action) {
            $numbers[] = 'H-3';
        }
        sort($numbers, \SORT_NATURAL);

        return [] === $numbers ? [] : array_values(array_unique(['H-1', ...$numbers]));
    }
}
