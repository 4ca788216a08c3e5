<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** What a screen shows (IEC 61966-2-1), after a Bradford transform (Lam 1985) from the white of the light to that of the screen. */
final readonly class Srgb
{
    private const SCREEN_WHITE = [95.047, 100.0, 108.883];
    private const BRADFORD = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];
    private const BRADFORD_BACK = [[0.9869929, -0.1470543, 0.1599627], [0.4323053, 0.5183603, 0.0492912], [-0.0085287, 0.0400428, 0.9684867]];
    private const LINEAR = [[3.2404542, -1.5371385, -0.4985314], [-0.9692660, 1.8760108, 0.0415560], [0.0556434, -0.2040259, 1.0572252]];
    private const XYZ = [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041]];
    private const SLACK = 1e-4;

    /** @param list<float> $linear red, green and blue light before they are clipped to 0–1 */
    private function __construct(public array $linear)
    {
    }

    public static function of(Tristimulus $colour, Tristimulus $white): self
    {
        $from = self::times(self::BRADFORD, [$white->x, $white->y, $white->z]);
        $to = self::times(self::BRADFORD, self::SCREEN_WHITE);
        $cone = self::times(self::BRADFORD, [$colour->x, $colour->y, $colour->z]);
        $adapted = self::times(self::BRADFORD_BACK, [$cone[0] * $to[0] / $from[0], $cone[1] * $to[1] / $from[1], $cone[2] * $to[2] / $from[2]]);

        return new self(array_map(static fn (float $c): float => $c / 100.0, self::times(self::LINEAR, $adapted)));
    }

    /** The colour of linear red, green and blue light, under the white of the screen. */
    public static function xyz(float $red, float $green, float $blue): Tristimulus
    {
        $xyz = self::times(self::XYZ, [100.0 * $red, 100.0 * $green, 100.0 * $blue]);

        return new Tristimulus($xyz[0], $xyz[1], $xyz[2]);
    }

    public static function white(): Tristimulus
    {
        return new Tristimulus(...self::SCREEN_WHITE);
    }

    /** Whether a screen can show it at all. */
    public function inGamut(): bool
    {
        return [] === array_filter($this->linear, static fn (float $c): bool => $c < -self::SLACK || $c > 1.0 + self::SLACK);
    }

    /** `#rrggbb`; what a screen cannot show is clipped per channel. */
    public function hex(): string
    {
        $byte = static fn (float $c): int => (int) round(255.0 * self::encoded(max(0.0, min(1.0, $c))));

        return '#'.implode('', array_map(static fn (float $c): string => \sprintf('%02x', $byte($c)), $this->linear));
    }

    /** Linear light of an encoded channel, both 0–1. */
    public static function decoded(float $channel): float
    {
        return $channel <= 0.04045 ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4;
    }

    private static function encoded(float $linear): float
    {
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1.0 / 2.4) - 0.055;
    }

    /**
     * @param array<int, array<int, float>> $matrix 3 × 3
     * @param array<int, float>             $vector
     *
     * @return list<float>
     */
    private static function times(array $matrix, array $vector): array
    {
        return [
            $matrix[0][0] * $vector[0] + $matrix[0][1] * $vector[1] + $matrix[0][2] * $vector[2],
            $matrix[1][0] * $vector[0] + $matrix[1][1] * $vector[1] + $matrix[1][2] * $vector[2],
            $matrix[2][0] * $vector[0] + $matrix[2][1] * $vector[1] + $matrix[2][2] * $vector[2],
        ];
    }
}
