<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
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
    private Tone $tone;

    private function __construct(int $seed, private readonly Shade $shade)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->tone = Tone::of($shade);
        $this->image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagealphablending($this->image, true);
    }

    /**
     * A JPEG.
     *
     * @param list<array{FindingKind, int}> $findings what is seen, and how bad it is
     */
    public static function photographed(int $seed, Shade $shade, array $findings): string
    {
        $leather = new self($seed, $shade);
        $leather->grain();
        $leather->greyCard();
        $leather->light();
        $seamAt = $leather->seams();
        foreach ($findings as $n => [$kind, $severity]) {
            (new Damage($seed + 1 + $n, $leather->image, $leather->tone, $seamAt))->draw($kind, $severity);
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
        imagefilledrectangle($tile, 0, 0, $side, $side, Tone::on($tile, $this->tone->by(-12)));
        for ($i = 0; $i < 5200; ++$i) {
            [$x, $y, $w, $tone] = [$random->getInt(0, $side - 1), $random->getInt(0, $side - 1), $random->getInt(5, 11), $random->getInt(-4, 9)];
            // What runs over one edge comes in at the other.
            foreach (min($x, $y) > 12 && max($x, $y) < $side - 12 ? [[0, 0]] : [[0, 0], [$side, 0], [0, $side], [-$side, 0], [0, -$side]] as [$dx, $dy]) {
                imagefilledellipse($tile, $x + $dx, $y + $dy, $w + 2, $w, Tone::on($tile, $this->tone->by($tone - 16)));
                imagefilledellipse($tile, $x + $dx, $y + $dy, $w, $w - 2, Tone::on($tile, $this->tone->by($tone)));
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
        imagefilledrectangle($this->image, 24, self::HEIGHT - $height - 24, 24 + $width, self::HEIGHT - 24, Tone::on($this->image, [119, 119, 119]));
    }

    /** @return \Closure(int): int how far down it runs, along its length */
    private function seams(): \Closure
    {
        $y = $this->random->getInt(420, 520);
        $bend = $this->random->getInt(-60, 60);
        $at = static fn (int $x): int => (int) round($y + $bend * sin($x * \M_PI / self::WIDTH));
        imagesetthickness($this->image, 7);
        for ($x = 0; $x < self::WIDTH; $x += 6) {
            imageline($this->image, $x, $at($x), $x + 6, $at($x + 6), Tone::on($this->image, $this->tone->by(-46)));
        }
        imagesetthickness($this->image, 4);
        foreach ([-18, 20] as $row) {
            for ($x = 8; $x < self::WIDTH; $x += 22) {
                imageline($this->image, $x, $at($x) + $row, $x + 13, $at($x + 13) + $row, Tone::on($this->image, $this->tone->by(58)));
                imageline($this->image, $x, $at($x) + $row + 4, $x + 13, $at($x + 13) + $row + 4, Tone::on($this->image, $this->tone->by(-38), 60));
            }
        }

        return $at;
    }
}
