<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Colour\Shade;

/** The colour of a hide, and lighter and darker than it. */
final readonly class Tone
{
    /** @param array{int, int, int} $rgb */
    private function __construct(private array $rgb)
    {
    }

    public static function of(Shade $shade): self
    {
        $hex = ltrim($shade->hex(), '#');

        return new self([(int) hexdec(substr($hex, 0, 2)), (int) hexdec(substr($hex, 2, 2)), (int) hexdec(substr($hex, 4, 2))]);
    }

    /** @return array{int, int, int} */
    public function by(int $tone): array
    {
        return array_map(static fn (int $c): int => max(0, min(255, $c + $tone)), $this->rgb);
    }

    /** @param array{int, int, int} $rgb */
    public static function on(\GdImage $image, array $rgb, int $alpha = 0): int
    {
        return (int) imagecolorallocatealpha($image, max(0, min(255, $rgb[0])), max(0, min(255, $rgb[1])), max(0, min(255, $rgb[2])), max(0, min(127, $alpha)));
    }
}
