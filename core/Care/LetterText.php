<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** Words of one's own with facts to be filled in, each named in braces: “Dear {owner}”. */
final class LetterText
{
    private const FIELD = '/\{\s*([\p{L}\p{N} _-]*?)\s*\}/u';

    /**
     * @param array<string, string> $facts what each field stands for; put in as it is, braces of its own stay
     * @param string                $field where it was written, for who has to mend it
     *
     * @throws FieldError where a field is known to nobody
     */
    public static function fill(string $text, array $facts, string $field): string
    {
        preg_match_all(self::FIELD, $text, $found);
        foreach ($found[1] as $name) {
            if (!\array_key_exists($name, $facts)) {
                $known = array_map(static fn (string $n): string => '{'.$n.'}', array_keys($facts));
                throw new FieldError($field, Message::of('Nothing is known of {%s}. What can be filled in: %s.', $name, Phrase::list($known)));
            }
        }

        return trim((string) preg_replace_callback(self::FIELD, static fn (array $m): string => $facts[$m[1]], $text));
    }
}
