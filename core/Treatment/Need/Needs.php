<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Treatment\Step;

/** What a piece calls for: findings and dryness, against the aim, on the lowest rung of each ladder that can work. */
final readonly class Needs
{
    /** @return list<Need> in no order yet */
    public static function of(Brief $brief): array
    {
        $opening = new Opening($brief);
        $byHalf = [
            new Cleaning($brief), new Mending($brief), new Colouring($brief), new Feeding($brief),
            new Polishing($brief), new Edges($brief), new Protecting($brief), new Inside($brief),
        ];
        $needs = $opening->needs();
        foreach ($brief->piece->halves() as $half) {
            foreach ($byHalf as $need) {
                array_push($needs, ...$need->needs($half));
            }
        }
        array_push($needs, ...$opening->ending());

        $needs = OneHalfFirst::of($brief, $needs);

        return array_values(array_filter($needs, static fn (Need $w): bool => !$brief->wishes->leavesOut($w->step->what())
            && (!$brief->wishes->firmOnly || null === $w->heldBehind)));
    }

    /**
     * @param list<Need> $needs
     *
     * @return list<Step>
     */
    public static function steps(array $needs): array
    {
        return array_map(static fn (Need $w): Step => $w->step, $needs);
    }
}
