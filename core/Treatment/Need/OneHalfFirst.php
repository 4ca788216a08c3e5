<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Of a pair that cannot be replaced, or is not known, one half is treated to its end and compared when it is dry; only then the other (T-8). */
final class OneHalfFirst
{
    /** All of the other half comes so much later, and what ends the work on both later still. */
    private const LATER = 20_000;

    /**
     * @param list<Need> $needs
     *
     * @return list<Need>
     */
    public static function of(Brief $brief, array $needs): array
    {
        if (!$brief->piece->goesOneHalfFirst) {
            return $needs;
        }
        $moved = [];
        $lays = false;
        foreach ($needs as $need) {
            $other = Rank::MOULD <= $need->rank && Rank::SHAPE > $need->rank && [Half::Right] === $need->step->halves();
            if ($other && $brief->wishes->oneHalfOnly) {
                continue;
            }
            $lays = $lays || $need->step->laysProduct();
            $moved[] = match (true) {
                $need->rank >= Rank::SHAPE => $need->later(2 * self::LATER),
                $other => $need->later(self::LATER),
                default => $need,
            };
        }
        $upper = array_values(array_filter(
            array_map(static fn ($p): Place => $p->at, array_values($brief->piece->parts)),
            static fn (Place $p): bool => $p->part->isOuter(),
        ));

        return $lays && [] !== $upper ? [
            ...$moved,
            new Need(
                Step::act(Phase::Trial, Action::Compare, $upper),
                Rank::SHAPE + self::LATER / 2,
                Message::of(
                    'One half first: fully dry, it is held against the other, and then decided: the same for the other half, something else, or no further.',
                ),
                ['T-8', 'S-1'],
                restsFrom: Stage::Full,
            ),
        ] : $needs;
    }
}
