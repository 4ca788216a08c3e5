<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/**
 * Words of the trade – kinds, materials, findings, products, shades –: nearly every piece has some of them. A full-text index goes through all that have a word
 * before it says which is the newest; so these are kept as marks, of which an ordinary index gives the newest at once.
 */
final class TradeWords
{
    private const SHORTEST = 3;
    /** @var array<string, true> */
    private static array $known = [];

    public static function knows(string $word): bool
    {
        return isset(self::known()[$word]);
    }

    /** @return list<string> words as they are looked up: in small letters, of three letters and more, each once */
    public static function split(string $text): array
    {
        preg_match_all('/[\pL\pN]{'.self::SHORTEST.',40}/u', mb_strtolower($text), $found);

        return array_values(array_unique($found[0]));
    }

    /** @return list<string> those of the trade with which a word of the text begins */
    public static function in(string $text): array
    {
        $found = [];
        foreach (self::split($text) as $word) {
            for ($length = self::SHORTEST; $length <= mb_strlen($word); ++$length) {
                $begin = mb_substr($word, 0, $length);
                if (self::knows($begin)) {
                    $found[$begin] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($found));
    }

    /** @return array<string, true> */
    private static function known(): array
    {
        if ([] === self::$known) {
            $labels = [
                ...array_map(static fn (PieceFamily $f): string => $f->label(), PieceFamily::cases()),
                ...array_map(static fn (Kind $k): string => $k->label(), Kind::cases()),
                ...array_map(static fn (Material $m): string => $m->label(), Material::cases()),
                ...array_map(static fn (FindingKind $f): string => $f->label(), FindingKind::cases()),
                ...array_map(static fn (FamilyId $f): string => Family::of($f)->label, FamilyId::cases()),
                ...array_map(static fn (Shade $s): string => $s->label(), Shade::cases()),
            ];
            self::$known = array_fill_keys(self::split(implode(' ', $labels)), true);
        }

        return self::$known;
    }
}
