<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** Owners by a few letters of their name or of how they are reached; figures of a telephone however it is written. */
final class OwnerSearch
{
    private const FIGURES = 3;
    private const WAYS = "JSON_TABLE(o.ways, '$[*]' COLUMNS (way VARCHAR(200) PATH '$.at')) w";

    /** Reached in one of some ways, or of a name; DBAL writes NULL for an empty list. */
    public const REACHED_OR_CALLED = 'EXISTS (SELECT 1 FROM '.self::WAYS.' WHERE w.way IN (?)) OR o.name = ?';

    /** @return array{string, list<string>} a condition on an owner `o`, and what it asks for */
    public static function condition(string $letters): array
    {
        $like = addcslashes(trim($letters), '%_\\');
        $figures = preg_replace('/\D/', '', $letters) ?? '';
        $isNumber = \strlen($figures) >= self::FIGURES;

        return [
            'o.erased_at IS NULL AND (o.name LIKE ? OR o.name LIKE ? OR EXISTS (SELECT 1 FROM '.self::WAYS.' WHERE w.way LIKE ?'
                .($isNumber ? " OR REGEXP_REPLACE(w.way, '[^0-9]', '') LIKE ?" : '').'))',
            [$like.'%', '% '.$like.'%', '%'.$like.'%', ...$isNumber ? ['%'.$figures.'%'] : []],
        ];
    }
}
