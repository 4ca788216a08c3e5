<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Assessment\Place;

/** Small grammar for the sentences of a plan. */
final class Words
{
    /** @param array<mixed> $things */
    public static function are(array $things): string
    {
        return 1 === \count($things) ? 'is' : 'are';
    }

    /**
     * The parts without their half, each once: “toe, vamp and quarter”, or “upper” where all of it is meant.
     *
     * @param list<Place> $places
     */
    public static function parts(array $places): string
    {
        $names = [];
        foreach ($places as $place) {
            $names[$place->part->value] = $place->part;
        }
        $upper = array_filter($names, static fn (PartName $n): bool => $n->isOuter());
        $labels = \count($upper) > 4
            ? [Half::Whole === $places[0]->half ? 'outside' : 'upper', ...self::labels(array_diff_key($names, $upper))]
            : self::labels($names);

        return Phrase::list($labels);
    }

    /** @param list<Place> $places */
    public static function halves(array $places): string
    {
        $halves = array_unique(array_map(static fn (Place $p): string => $p->half->value, $places));

        return \count($halves) > 1 ? 'both' : ($halves[0] ?? Half::Whole->value);
    }

    /**
     * @param array<string, PartName> $names
     *
     * @return list<string>
     */
    private static function labels(array $names): array
    {
        return array_values(array_map(static fn (PartName $n): string => $n->label(), $names));
    }
}
