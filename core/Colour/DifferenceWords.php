<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** Says how a colour is off as one says it at the bench: “a touch too green, and deep”. */
final readonly class DifferenceWords
{
    /** Below this nobody sees a difference side by side. */
    private const UNSEEN = 0.4;
    private const TOUCH = 1.5;
    private const CLEAR = 4.0;
    /** The second thing is said when it is at least this share of the first. */
    private const ALSO = 0.4;
    /** Below this chroma a colour has a cast rather than a hue. */
    private const GREYISH = 6.0;
    private const HUES = ['red' => [1.0, 0.0], 'yellow' => [0.0, 1.0], 'green' => [-1.0, 0.0], 'blue' => [0.0, -1.0]];
    private const COMPARED = [
        'red' => 'redder', 'yellow' => 'yellower', 'green' => 'greener', 'blue' => 'bluer', 'light' => 'lighter', 'deep' => 'deeper',
        'clean' => 'cleaner', 'dirty' => 'dirtier',
    ];

    /** @param list<array{string, float}> $parts word and ΔE00 of that part, the largest first */
    private function __construct(private array $parts)
    {
    }

    public static function of(Lab $aim, Lab $is): self
    {
        // CIEDE2000 turns chroma and hue into each other in the blues; words want them apart: its lightness, the chroma and hue of CIE94 (CIE 116).
        [$l] = Difference::parts($aim->lightness, $aim->a, $aim->b, $is->lightness, $is->a, $is->b);
        $found = Difference::between($aim, $is);
        $da = $is->a - $aim->a;
        $db = $is->b - $aim->b;
        $chroma = $aim->chroma();
        $c = $found->dC / (1.0 + 0.045 * $chroma);
        $h = $found->dH / (1.0 + 0.015 * $chroma);
        $parts = [[$l > 0.0 ? 'light' : 'deep', abs($l)]];
        if ($chroma < self::GREYISH || $is->chroma() < self::GREYISH / 2.0) {
            $parts[] = [self::hue($da, $db), hypot($c, $h)];
        } else {
            $parts[] = [$is->chroma() > $chroma ? 'clean' : 'dirty', abs($c)];
            // What is left of the shift when the part along the aim's own hue is taken away.
            $along = ($da * $aim->a + $db * $aim->b) / $chroma;
            $parts[] = [self::hue($da - $along * $aim->a / $chroma, $db - $along * $aim->b / $chroma), abs($h)];
        }
        usort($parts, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return new self($parts);
    }

    /** Of a dab against its aim: “a touch too green, and deep”. */
    public function off(): string
    {
        return $this->said(Message::of('too %s'), Message::of('no difference to be seen'), static fn (string $word): string => Message::of($word));
    }

    /** Of one colour against another: “a touch greener, and deeper”. */
    public function compared(): string
    {
        return $this->said('%s', Message::of('the same to the eye'), static fn (string $word): string => Message::of(self::COMPARED[$word]));
    }

    /** @param \Closure(string): string $form */
    private function said(string $first, string $none, \Closure $form): string
    {
        [$word, $size] = $this->parts[0];
        if ($size < self::UNSEEN) {
            return $none;
        }
        $much = match (true) {
            $size < self::TOUCH => Message::of('a touch '),
            $size < self::CLEAR => '',
            default => Message::of('much '),
        };
        $text = $much.\sprintf($first, $form($word));
        [$other, $also] = $this->parts[1];

        return $also >= max(self::UNSEEN, self::ALSO * $size) ? $text.Message::of(', and %s', $form($other)) : $text;
    }

    private static function hue(float $da, float $db): string
    {
        $best = 'red';
        $most = -\INF;
        foreach (self::HUES as $word => [$a, $b]) {
            if ($da * $a + $db * $b > $most) {
                $most = $da * $a + $db * $b;
                $best = $word;
            }
        }

        return $best;
    }
}
