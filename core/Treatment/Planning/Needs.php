<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Treatment\Step;

/** What a piece calls for: findings and dryness, against the aim, on the lowest rung of each ladder that can work. */
final readonly class Needs
{
    /** @return list<Wanted> in no order yet */
    public static function of(Brief $brief): array
    {
        $opening = new Need\Opening($brief);
        $byHalf = [
            new Need\Cleaning($brief), new Need\Mending($brief), new Need\Colouring($brief), new Need\Feeding($brief),
            new Need\Polishing($brief), new Need\Edges($brief), new Need\Protecting($brief), new Need\Inside($brief),
        ];
        $wanted = $opening->wanted();
        foreach ($brief->piece->halves() as $half) {
            foreach ($byHalf as $need) {
                array_push($wanted, ...$need->wanted($half));
            }
        }
        array_push($wanted, ...$opening->ending());

        return array_values(array_filter($wanted, static fn (Wanted $w): bool => !$brief->wishes->leavesOut($w->step->what())));
    }

    /**
     * @param list<Wanted> $wanted
     *
     * @return list<Step>
     */
    public static function steps(array $wanted): array
    {
        return array_map(static fn (Wanted $w): Step => $w->step, $wanted);
    }
}
