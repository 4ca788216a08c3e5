<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** What the work may do that nobody wants: said before, tried on a hidden place first (C-1). */
final class Risks
{
    /** @return list<string> */
    public static function of(Piece $piece): array
    {
        $said = [];
        foreach (self::byMaterial($piece) as $id => $places) {
            $all = \count($places) > 4 && \count($places) === \count(array_filter($piece->kind->parts(), static fn (PartName $p): bool => $p->isOuter()));
            $sentence = Material::from($id)->profile()->risk($all ? $piece->kind->outer() : Phrase::list($places), !$all && \count($places) > 1);
            if (null !== $sentence) {
                $said[] = $sentence;
            }
        }
        $unsure = array_filter($piece->parts, static fn (Part $p): bool => $p->at->part->isOuter() && Certainty::Guess === $p->certainty);
        if ([] !== $unsure) {
            $said[] = Phrase::sentence(
                'We are not sure yet what the %s %s made of; we treat %s as the most delicate %s may be.',
                Phrase::list(self::names($unsure)),
                self::isMany($unsure) ? Message::of('are') : Message::of('is'),
                self::isMany($unsure) ? Message::of('them') : Message::of('it'),
                self::isMany($unsure) ? Message::of('they') : Message::of('it'),
            );
        }
        $gripping = array_filter($piece->parts, static fn (Part $p): bool => $p->has(Flag::GripSurface) || $p->at->part->grips() && $p->at->part->isOuter());
        if ([] !== $gripping) {
            $said[] = Phrase::sentence(
                'Nothing slippery goes on the %s, so %s not be fed or polished like the rest.',
                Phrase::list(self::names($gripping)),
                self::isMany($gripping) ? Message::of('they will') : Message::of('it will'),
            );
        }
        $contrast = array_filter($piece->parts, static fn (Part $p): bool => $p->has(Flag::ContrastStitching));
        if ([] !== $contrast) {
            $said[] = Phrase::sentence(
                'The pale stitching of the %s takes colour for good; we cover it, a trace may still reach it.',
                Phrase::list(self::names($contrast)),
            );
        }

        return $said;
    }

    /** @return array<string, non-empty-list<string>> names of outer parts by material */
    private static function byMaterial(Piece $piece): array
    {
        $names = [];
        foreach ($piece->parts as $part) {
            $name = $part->at->part->label();
            if ($part->at->part->isOuter() && Certainty::Guess !== $part->certainty && !\in_array($name, $names[$part->material->value] ?? [], true)) {
                $names[$part->material->value][] = $name;
            }
        }

        return $names;
    }

    /**
     * @param array<Part> $parts
     *
     * @return list<string>
     */
    private static function names(array $parts): array
    {
        return array_values(array_unique(array_map(static fn (Part $p): string => $p->at->part->label(), $parts)));
    }

    /** @param array<Part> $parts */
    private static function isMany(array $parts): bool
    {
        return \count(self::names($parts)) > 1 || array_values($parts)[0]->at->part->isPlural();
    }
}
