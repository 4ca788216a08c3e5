<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** Small grammar for the sentences of a plan. */
final class PlaceWords
{
    /**
     * Parts with their verb: “toe and vamp are”, “upper is”, “laces are”.
     *
     * @param list<Place> $places
     */
    public static function partsAre(array $places, ?Piece $of = null): string
    {
        $names = self::names($places);
        $outside = array_filter($names, static fn (PartName $n): bool => $n->isOuter());
        $one = null !== self::missing($places, $of) && \count($outside) === \count($names) || 1 === \count($names) && !array_values($names)[0]->isPlural();

        return self::parts($places, $of).($one ? Message::of(' is') : Message::of(' are'));
    }

    /** From so many parts on they are called by what they are together. */
    private const MANY = 5;

    /**
     * The parts without their half, each once: “toe, vamp and quarter”, “upper” where all of it is meant, or “upper without toe and counter”.
     *
     * @param list<Place> $places
     */
    public static function parts(array $places, ?Piece $of = null): string
    {
        $names = self::names($places);
        $missing = self::missing($places, $of);
        if (null === $missing) {
            return Phrase::list(self::labels($names));
        }
        $all = Message::of(Half::Whole === $places[0]->half ? 'outside' : 'upper');
        $others = self::labels(array_filter($names, static fn (PartName $n): bool => !$n->isOuter()));

        // What is left out stands last, so that it cannot be taken for more of the same.
        return [] === $missing
            ? Phrase::list([$all, ...$others])
            : Phrase::list([...$others, $all.Message::of(' without ').Phrase::list(self::labels($missing))]);
    }

    /**
     * @param list<Place> $places
     *
     * @return array<string, PartName>
     */
    private static function names(array $places): array
    {
        $names = [];
        foreach ($places as $place) {
            $names[$place->part->value] = $place->part;
        }

        return $names;
    }

    /**
     * What of the outside is not meant, where the rest is called by what it is together; null where the parts are named one by one.
     *
     * @param list<Place> $places
     *
     * @return array<string, PartName>|null
     */
    private static function missing(array $places, ?Piece $of): ?array
    {
        $outside = array_filter(self::names($places), static fn (PartName $n): bool => $n->isOuter());
        $missing = [];
        foreach (null === $of ? [] : $of->parts as $part) {
            if ($part->at->part->isOuter() && !isset($outside[$part->at->part->value]) && $part->at->half === $places[0]->half) {
                $missing[$part->at->part->value] = $part->at->part;
            }
        }

        return \count($outside) < self::MANY || \count($missing) > 3 ? null : $missing;
    }

    /**
     * The parts with their half: “left toe”, “toe and vamp, left and right,”.
     *
     * @param non-empty-list<Place> $places
     */
    public static function at(array $places, Piece $of): string
    {
        $words = self::parts($places, $of);
        $halves = self::halves($places);

        return match ($halves) {
            Half::Whole->value => $words,
            'both' => $words.Message::of(', left and right,'),
            default => $halves.' '.$words,
        };
    }

    /** @param list<Place> $places */
    public static function halves(array $places): string
    {
        $halves = array_unique(array_map(static fn (Place $p): string => $p->half->value, $places));

        return \count($halves) > 1 ? Message::of('both') : ($halves[0] ?? Half::Whole->value);
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
