<?php

declare(strict_types=1);

namespace KindHeel\Core\Text;

/** Turns of phrase that sentences about pieces share. */
final class Phrase
{
    /** A sentence from its parts, with a capital at its head. */
    public static function sentence(string $format, string|int|float ...$values): string
    {
        $text = Message::of($format, ...$values);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** A number to a tenth, without an idle nought: “1.8”, “2”. */
    public static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }

    public static function an(string $noun): string
    {
        return Message::of(preg_match('/^([aeio]|un)/i', $noun) && !str_starts_with($noun, 'one') ? 'an %s' : 'a %s', $noun);
    }

    /**
     * “vamp, quarter and counter”.
     *
     * @param list<string> $words
     */
    public static function list(array $words): string
    {
        $last = (string) array_pop($words);
        $and = match (true) {
            // One that has an “and” of its own ends the list with it: “dirt, grease and dull shine”.
            str_contains($last, ' and ') => ', ',
            str_contains(implode(' ', $words), ' and ') => Message::of(', and '),
            default => Message::of(' and '),
        };

        return [] === $words ? $last : implode(', ', $words).$and.$last;
    }
}
