<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Honesty;

use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;

/** What the work may do that nobody wants: said before, tried on a hidden place first (C-1). */
final class Risks
{
    /** @return list<string> */
    public static function of(Piece $piece): array
    {
        $said = [];
        foreach (self::byMaterial($piece) as $id => $places) {
            $all = \count($places) > 4 && \count($places) === \count(array_filter($piece->kind->parts(), static fn (PartName $p): bool => $p->isOuter()));
            $sentence = self::ofMaterial(Material::from($id), $all ? $piece->kind->outer() : Phrase::list($places), !$all && \count($places) > 1);
            if (null !== $sentence) {
                $said[] = $sentence;
            }
        }
        $unsure = array_filter($piece->parts, static fn (Part $p): bool => $p->at->part->isOuter() && Certainty::Guess === $p->certainty);
        if ([] !== $unsure) {
            $said[] = Phrase::sentence('We are not sure yet what the %s %s made of; we treat %s as the most delicate %s may be.', Phrase::list(self::names($unsure)), self::isMany($unsure) ? 'are' : 'is', self::isMany($unsure) ? 'them' : 'it', self::isMany($unsure) ? 'they' : 'it');
        }
        $gripping = array_filter($piece->parts, static fn (Part $p): bool => $p->has(Flag::GripSurface) || $p->at->part->grips() && $p->at->part->isOuter());
        if ([] !== $gripping) {
            $said[] = Phrase::sentence('Nothing slippery goes on the %s, so %s not be fed or polished like the rest.', Phrase::list(self::names($gripping)), self::isMany($gripping) ? 'they will' : 'it will');
        }
        $contrast = array_filter($piece->parts, static fn (Part $p): bool => $p->has(Flag::ContrastStitching));
        if ([] !== $contrast) {
            $said[] = Phrase::sentence('The pale stitching of the %s takes colour for good; we cover it, a trace may still reach it.', Phrase::list(self::names($contrast)));
        }

        return $said;
    }

    private static function ofMaterial(Material $material, string $names, bool $many): ?string
    {
        $is = $many ? 'are' : 'is';
        $it = $many ? 'them' : 'it';

        return match ($material) {
            Material::Aniline => Phrase::sentence('The %s %s open leather without a film: water and cream can darken %s. We try everything on a hidden place first.', $names, $is, $it),
            Material::SemiAniline => Phrase::sentence('The film on the %s is thin; a stubborn stain may take some of it along.', $names),
            Material::Burnished => Phrase::sentence('The shade of the %s lies in the polish: cleaning can leave a paler spot that has to be built up again.', $names),
            Material::VegTan => Phrase::sentence('The %s %s natural leather: %s as a whole and for good, and every drop can leave a ring.', $names, $is, $many ? 'they darken' : 'it darkens'),
            Material::Suede, Material::Nubuck => Phrase::sentence('The nap of the %s can change its shade where it is cleaned; we clean the whole part, never a spot.', $names),
            Material::ReptileMatt => Phrase::sentence('The scales of the %s can lift and darken with any moisture. Papers for a protected kind are the owner’s to show.', $names),
            Material::ReptileGlazed => Phrase::sentence('The glaze of the %s can dull where water or oil reaches it. Papers for a protected kind are the owner’s to show.', $names),
            Material::SheepNappa => Phrase::sentence('The %s %s thin: %s when wet, and the colour may bleed.', $names, $is, $many ? 'they stretch' : 'it stretches'),
            Material::Patent => Phrase::sentence('What has gone into the gloss of the %s, a print or a foreign colour, does not come out again.', $names),
            Material::CoatedCanvas => Phrase::sentence('The print of the %s is a thin film on cloth; what has rubbed through stays so.', $names),
            Material::Waxy => Phrase::sentence('The %s will look darker and more even for a while; the pull-up comes back with wear.', $names),
            default => null,
        };
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
