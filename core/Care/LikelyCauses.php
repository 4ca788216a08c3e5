<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

/** Why something came back, from what is usual and from what the record of the first job shows. */
final readonly class LikelyCauses
{
    /** What the record shows counts for more than what is usual. */
    private const SHOWN = 3.0;
    /** Each further usual cause is this much less likely than the one before it. */
    private const NEXT = 0.6;

    /**
     * @param list<Cause> $shown of which the record has a sign: degreased two hours before, damp air, a window that was missed
     *
     * @return non-empty-list<array{Cause, float, bool}> with its share of likelihood and whether the record shows it, the likeliest first; together 1
     */
    public static function of(Fault $fault, array $shown): array
    {
        $weights = [];
        $weight = 1.0;
        foreach ($fault->causes() as $cause) {
            $weights[$cause->value] = $weight * (\in_array($cause, $shown, true) ? 1.0 + self::SHOWN : 1.0);
            $weight *= self::NEXT;
        }
        $all = array_sum($weights);
        arsort($weights);

        $likely = [];
        foreach ($weights as $id => $share) {
            $cause = Cause::from($id);
            $likely[] = [$cause, $share / $all, \in_array($cause, $shown, true)];
        }

        return $likely;
    }
}
