<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Colour\Shade;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Pictures of leather that never was: grain, light, a seam, and what has happened to it. The same seed gives the same hide.
 */
final class Leather
{
    private const WIDTH = 960;
    private const HEIGHT = 640;

    /** @var array<string, \GdImage> one hide of each shade is enough, however many pictures are taken of it */
    private static array $hides = [];

    private Randomizer $random;
    private \GdImage $image;
    /** @var array{int, int, int} */
    private array $rgb;

    private function __construct(int $seed, private readonly Shade $shade)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $hex = ltrim($shade->lab()->toSrgbHex(), '#');
        $this->rgb = [(int) hexdec(substr($hex, 0, 2)), (int) hexdec(substr($hex, 2, 2)), (int) hexdec(substr($hex, 4, 2))];
        $this->image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagealphablending($this->image, true);
    }

    /**
     * A JPEG.
     *
     * @param list<array{string, int}> $findings group and severity of what is seen
     */
    public static function photographed(int $seed, Shade $shade, array $findings): string
    {
        $leather = new self($seed, $shade);
        $leather->grain();
        $leather->greyCard();
        $leather->light();
        $leather->seams();
        foreach ($findings as [$group, $severity]) {
            $leather->harm($group, $severity);
        }
        ob_start();
        imagejpeg($leather->image, null, 85);

        return (string) ob_get_clean();
    }

    /** A tile of pebbled grain laid over the hide: cells of every size, each with its own light and a dark furrow round it. */
    private function grain(): void
    {
        imagesettile($this->image, self::$hides[$this->shade->value] ??= $this->hide());
        imagefilledrectangle($this->image, 0, 0, self::WIDTH, self::HEIGHT, \IMG_COLOR_TILED);
    }

    private function hide(): \GdImage
    {
        $side = 320;
        $random = new Randomizer(new Mt19937(crc32($this->shade->value)));
        $tile = imagecreatetruecolor($side, $side);
        imagefilledrectangle($tile, 0, 0, $side, $side, self::colour($tile, $this->shaded(-12)));
        for ($i = 0; $i < 5200; ++$i) {
            [$x, $y, $w, $tone] = [$random->getInt(0, $side - 1), $random->getInt(0, $side - 1), $random->getInt(5, 11), $random->getInt(-4, 9)];
            // What runs over one edge comes in at the other.
            foreach (min($x, $y) > 12 && max($x, $y) < $side - 12 ? [[0, 0]] : [[0, 0], [$side, 0], [0, $side], [-$side, 0], [0, -$side]] as [$dx, $dy]) {
                imagefilledellipse($tile, $x + $dx, $y + $dy, $w + 2, $w, self::colour($tile, $this->shaded($tone - 16)));
                imagefilledellipse($tile, $x + $dx, $y + $dy, $w, $w - 2, self::colour($tile, $this->shaded($tone)));
            }
        }

        return $tile;
    }

    /** Light from the window, upper left; the hide turns away to the lower right. */
    private function light(): void
    {
        for ($i = 0; $i < 11; ++$i) {
            imagefilledellipse($this->image, 300, 200, 1400 - 110 * $i, 940 - 74 * $i, (int) imagecolorallocatealpha($this->image, 255, 255, 255, 125));
        }
        for ($y = 0; $y < self::HEIGHT; $y += 4) {
            imagefilledrectangle(
                $this->image,
                0,
                $y,
                self::WIDTH,
                $y + 3,
                (int) imagecolorallocatealpha($this->image, 0, 0, 0, max(0, min(127, 127 - intdiv(57 * $y, self::HEIGHT)))),
            );
        }
    }

    /** A card of L* 50 in the corner, lit as the leather is: what the colours of the picture are read by. */
    private function greyCard(): void
    {
        $width = intdiv(self::WIDTH, 9);
        $height = intdiv(self::HEIGHT, 8);
        imagefilledrectangle($this->image, 24, self::HEIGHT - $height - 24, 24 + $width, self::HEIGHT - 24, self::colour($this->image, [119, 119, 119]));
    }

    private function seams(): void
    {
        $y = $this->random->getInt(420, 520);
        $bend = $this->random->getInt(-60, 60);
        $at = static fn (int $x): int => (int) round($y + $bend * sin($x * \M_PI / self::WIDTH));
        imagesetthickness($this->image, 7);
        for ($x = 0; $x < self::WIDTH; $x += 6) {
            imageline($this->image, $x, $at($x), $x + 6, $at($x + 6), self::colour($this->image, $this->shaded(-46)));
        }
        imagesetthickness($this->image, 4);
        foreach ([-18, 20] as $row) {
            for ($x = 8; $x < self::WIDTH; $x += 22) {
                imageline($this->image, $x, $at($x) + $row, $x + 13, $at($x + 13) + $row, self::colour($this->image, $this->shaded(58)));
                imageline($this->image, $x, $at($x) + $row + 4, $x + 13, $at($x + 13) + $row + 4, self::colour($this->image, $this->shaded(-38), 60));
            }
        }
    }

    private function harm(string $group, int $severity): void
    {
        $x = $this->random->getInt(220, self::WIDTH - 260);
        $y = $this->random->getInt(120, 360);
        match ($group) {
            'dirt', 'residue' => $this->specks($x, $y, 40 * $severity, 'dirt' === $group ? -70 : 40),
            'salts', 'colour' => $this->stain($x, $y, 40 + 34 * $severity, 'salts' === $group ? 80 : 44),
            'build' => $this->gap($x, $y, 60 + 40 * $severity),
            default => $this->scuff($x, $y, $severity),
        };
    }

    private function scuff(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 14 * $severity; ++$i) {
            imagesetthickness($this->image, $this->random->getInt(1, 2 + $severity));
            $dx = $this->random->getInt(-20 * $severity, 20 * $severity);
            $dy = $this->random->getInt(-14 * $severity, 14 * $severity);
            $length = $this->random->getInt(14, 24 + 18 * $severity);
            imageline(
                $this->image,
                $x + $dx,
                $y + $dy,
                $x + $dx + $length,
                $y + $dy - intdiv($length, 3),
                self::colour($this->image, $this->shaded($this->random->getInt(30, 80)), 40),
            );
        }
    }

    private function specks(int $x, int $y, int $count, int $tone): void
    {
        for ($i = 0; $i < $count; ++$i) {
            $r = $this->random->getInt(2, 9);
            imagefilledellipse(
                $this->image,
                $x + $this->random->getInt(-190, 190),
                $y + $this->random->getInt(-110, 110),
                $r,
                $r,
                self::colour($this->image, $this->shaded($tone), $this->random->getInt(20, 90)),
            );
        }
    }

    private function stain(int $x, int $y, int $radius, int $tone): void
    {
        $points = [];
        $bend = $this->random->getInt(0, 628) / 100;
        for ($i = 0; $i < 40; ++$i) {
            $r = $radius * (0.9 + 0.14 * sin(3 * $i * \M_PI / 20 + $bend) + 0.08 * sin(7 * $i * \M_PI / 20 + 2 * $bend));
            array_push($points, (int) ($x + 1.5 * $r * cos($i * \M_PI / 20)), (int) ($y + $r * sin($i * \M_PI / 20)));
        }
        imagefilledpolygon($this->image, $points, self::colour($this->image, $this->shaded($tone), 96));
        imagesetthickness($this->image, 3);
        imagepolygon($this->image, $points, self::colour($this->image, $this->shaded($tone + 30), 70));
    }

    private function gap(int $x, int $y, int $length): void
    {
        imagefilledpolygon(
            $this->image,
            [$x, $y, $x + intdiv($length, 2), $y - 12, $x + $length, $y - 4, $x + intdiv($length, 2), $y + 12],
            self::colour($this->image, [18, 16, 15]),
        );
    }

    /** @return array{int, int, int} */
    private function shaded(int $tone): array
    {
        return array_map(static fn (int $c): int => max(0, min(255, $c + $tone)), $this->rgb);
    }

    /** @param array{int, int, int} $rgb */
    private static function colour(\GdImage $image, array $rgb, int $alpha = 0): int
    {
        return (int) imagecolorallocatealpha($image, max(0, min(255, $rgb[0])), max(0, min(255, $rgb[1])), max(0, min(255, $rgb[2])), max(0, min(127, $alpha)));
    }
}
