<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** A word for a product in addresses and files, from its name. */
final class ProductCode
{
    private const LONGEST = 32;

    /** @param \Closure(string): bool $isTaken */
    public static function free(string $name, \Closure $isTaken): string
    {
        $latin = transliterator_transliterate('Any-Latin; Latin-ASCII', $name) ?: '';
        $plain = substr(trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($latin)), '-'), 0, self::LONGEST);
        $plain = '' === $plain ? 'product' : $plain;
        $code = $plain;
        for ($i = 2; $isTaken($code); ++$i) {
            $code = $plain.'-'.$i;
        }

        return $code;
    }
}
