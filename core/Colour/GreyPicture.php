<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** How light a picture is at each of its pixels, and what a square of them comes to in one look (summed areas, Crow 1984). */
final readonly class GreyPicture
{
    /**
     * @param string    $light row by row, a byte each: 0 black to 255 white
     * @param list<int> $sums  of all pixels above and to the left, a row and a column more than the picture has
     */
    private function __construct(public int $width, public int $height, public string $light, private array $sums)
    {
    }

    /** @throws ColourError where there are more or fewer pixels than that */
    public static function of(int $width, int $height, string $light): self
    {
        if ($width < 1 || $height < 1 || \strlen($light) !== $width * $height) {
            throw new ColourError(Message::of('A picture has as many pixels as its sides say.'));
        }
        $row = $width + 1;
        $sums = array_fill(0, $row, 0);
        for ($y = 0, $i = 0; $y < $height; ++$y) {
            $sums[] = 0;
            for ($x = 0, $along = 0; $x < $width; ++$x, ++$i) {
                $along += \ord($light[$i]);
                $sums[] = $along + $sums[$y * $row + $x + 1];
            }
        }

        return new self($width, $height, $light, $sums);
    }

    /** The mean of a square round a pixel, as far as it lies in the picture. */
    public function around(int $x, int $y, int $reach): float
    {
        $left = max(0, $x - $reach);
        $top = max(0, $y - $reach);
        $right = min($this->width, $x + $reach + 1);
        $bottom = min($this->height, $y + $reach + 1);
        $row = $this->width + 1;
        $below = $this->sums[$bottom * $row + $right] - $this->sums[$bottom * $row + $left];
        $above = $this->sums[$top * $row + $right] - $this->sums[$top * $row + $left];

        return ($below - $above) / (($right - $left) * ($bottom - $top));
    }
}
