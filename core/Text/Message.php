<?php

declare(strict_types=1);

namespace KindHeel\Core\Text;

/**
 * A text of the craft: English as it stands where it is said, and the same in another language where somebody has handed over its words. All of them are
 * collected in `translations/core.en.php`.
 */
final class Message
{
    /** @var (\Closure(string): string)|null from the English text to that of another language; null while English is spoken */
    private static ?\Closure $words = null;

    /**
     * @param string           $text      English, with places as {@see sprintf()} has them
     * @param string|int|float ...$values for the places; without any, the text is taken as it stands
     */
    public static function of(string $text, string|int|float ...$values): string
    {
        $text = null === self::$words ? $text : (self::$words)($text);

        return [] === $values ? $text : \sprintf($text, ...$values);
    }

    /**
     * Which language is spoken from now on.
     *
     * @param (\Closure(string): string)|null $words
     */
    public static function speak(?\Closure $words): void
    {
        self::$words = $words;
    }
}
