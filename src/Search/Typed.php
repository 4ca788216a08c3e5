<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

/** What somebody typed to be looked up: words, of which a piece has each or one that begins with it, and phrases in quotation marks. */
final readonly class Typed
{
    private const LEFT_OUT = ['about', 'are', 'for', 'from', 'how', 'that', 'the', 'this', 'was', 'what', 'when', 'where', 'who', 'will', 'with', 'und', 'www',
        'com'];
    private const SHORTEST = 3;
    private const LONGEST = 40;
    private const MOST_WORDS = 8;

    /**
     * @param list<string> $words   in small letters
     * @param list<string> $phrases of two words and more, in small letters
     */
    private function __construct(public array $words, public array $phrases)
    {
    }

    public static function of(string $text): self
    {
        preg_match_all('/["“”„]([^"“”„]+)["“”]/u', $text, $quoted);
        $phrases = array_map(static fn (string $q): string => implode(' ', self::all($q)), $quoted[1]);

        return new self(
            \array_slice(array_values(array_diff(self::words($text), self::LEFT_OUT)), 0, self::MOST_WORDS),
            array_values(array_filter($phrases, static fn (string $p): bool => str_contains($p, ' '))),
        );
    }

    /** @return list<string> as they are looked up: in small letters, of three letters and more, each once */
    public static function words(string $text): array
    {
        return array_values(array_filter(self::parts($text), static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST));
    }

    /** @return list<string> however short, in small letters, each once: parts of a number or of an address too */
    public static function parts(string $text): array
    {
        return array_values(array_unique(array_map(static fn (string $w): string => mb_substr($w, 0, self::LONGEST), self::all($text))));
    }

    /** @return list<string> what is looked for in the lines of a ledger */
    public function lines(): array
    {
        return [] === $this->phrases ? $this->words : $this->phrases;
    }

    /** @return list<string> */
    private static function all(string $text): array
    {
        preg_match_all('/[\pL\pN]+/u', mb_strtolower($text), $found);

        return $found[0];
    }
}
