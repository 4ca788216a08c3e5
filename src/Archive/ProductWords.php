<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** Where lines name products by their codes instead of by their numbers. */
final class ProductWords
{
    /** Objects whose names are codes. */
    private const NAMES = ['pot' => ['drops', 'recipe'], 'pot-event' => ['drops']];

    /**
     * @param array<string, mixed> $row by column
     *
     * @return list<string>
     */
    public static function in(string $kind, array $row): array
    {
        $found = [];
        self::turned($kind, $row, static function (string $code) use (&$found): string {
            return $found[] = $code;
        });

        return $found;
    }

    /**
     * @template T
     *
     * @param array<string, T>         $row  by column
     * @param \Closure(string): string $turn what stands for a code
     *
     * @return array<string, T|string|null>
     */
    public static function turned(string $kind, array $row, \Closure $turn): array
    {
        foreach (self::NAMES[$kind] ?? [] as $column) {
            $drops = self::inner($row[$column] ?? null);
            $row[$column] = null === $drops ? $row[$column] ?? null : self::json(array_combine(
                array_map(static fn (string|int $code): string => $turn((string) $code), array_keys($drops)),
                array_values($drops),
            ));
        }
        if ('settling' === $kind && \is_string($row['dye'] ?? null)) {
            $row['dye'] = $turn($row['dye']);
        }
        $dyes = 'piece' === $kind ? self::inner($row['terms_dyes'] ?? null) : null;
        if (null !== $dyes && [] !== $dyes) {
            array_walk_recursive($dyes, static function (mixed &$value, string|int $name) use ($turn): void {
                $value = 'dye' === $name && \is_string($value) ? $turn($value) : $value;
            });
            $row['terms_dyes'] = self::json($dyes);
        }

        return $row;
    }

    /** @return array<array-key, mixed>|null */
    private static function inner(mixed $json): ?array
    {
        $inner = \is_string($json) ? json_decode($json, true) : null;

        return \is_array($inner) ? $inner : null;
    }

    /** @param array<array-key, mixed> $inner */
    private static function json(array $inner): string
    {
        return json_encode($inner, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
