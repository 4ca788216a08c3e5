<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

/** From which packs an amount is taken: the oldest open one first, then those not opened yet, the oldest first (Q-7). */
final class Draw
{
    /**
     * @param list<LotOnHand> $lots
     *
     * @return array<int, float> amount by pack, in the order in which they are taken from; nothing where there is no pack
     */
    public static function from(array $lots, float $amount): array
    {
        $lots = self::inOrder($lots);
        $taken = [];
        $more = $amount;
        foreach ($lots as $lot) {
            $here = min($more, max(0.0, $lot->left));
            if ($here > 0.0) {
                $taken[$lot->id] = $here;
                $more -= $here;
            }
        }
        // What nobody knew to be there was there all the same; the next weighing settles it.
        $last = array_key_last($taken) ?? $lots[0]->id ?? null;
        if ($more > 0.0 && null !== $last) {
            $taken[$last] = ($taken[$last] ?? 0.0) + $more;
        }

        return $taken;
    }

    /**
     * @param list<LotOnHand> $lots
     *
     * @return list<LotOnHand> the one to be taken from first at the front
     */
    public static function inOrder(array $lots): array
    {
        usort($lots, static fn (LotOnHand $a, LotOnHand $b): int => [null === $a->opened, $a->opened ?? $a->bought, $a->id]
            <=> [null === $b->opened, $b->opened ?? $b->bought, $b->id]);

        return $lots;
    }
}
