<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/**
 * A picture of a card of known size that lies in the plane of a part: what is tapped beside it is measured with the perspective undone.
 *
 * The card's corners give the plane's projective map H from card millimetres to pixels (P. S. Heckbert, “Fundamentals of texture mapping and image
 * warping”, 1989, section 2.2.3, for the unit square). The camera is a pinhole whose principal point is the picture's middle.
 */
final readonly class CardView
{
    /** Focal length by the longer side of the picture: what the cameras of tablets and telephones have. */
    private const FOCAL = 1.2;
    /** From here on a small slip of a finger is a large error. */
    private const STEEP_DEG = 35.0;

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $h
     * @param array{float, float}                                                                       $picture width and height in pixels
     */
    private function __construct(private array $h, private array $picture)
    {
    }

    /**
     * @param list<array{float, float}> $corners in pixels, in order round the card; the side from the first to the second is the first of `$cardMm`
     * @param array{float, float}       $cardMm
     * @param array{float, float}       $picture width and height in pixels
     *
     * @throws FieldError `card`
     */
    public static function of(array $corners, array $cardMm, array $picture): self
    {
        if (4 !== \count($corners) || !self::isSeen($corners)) {
            throw new FieldError('card', Message::of('The card’s four corners, in order round it, make no card that was seen.'));
        }
        [[$x0, $y0], [$x1, $y1], [$x2, $y2], [$x3, $y3]] = $corners;
        [$dx1, $dy1, $dx2, $dy2] = [$x1 - $x2, $y1 - $y2, $x3 - $x2, $y3 - $y2];
        [$sx, $sy] = [$x0 - $x1 + $x2 - $x3, $y0 - $y1 + $y2 - $y3];
        $det = $dx1 * $dy2 - $dx2 * $dy1;
        $g = ($sx * $dy2 - $dx2 * $sy) / $det;
        $k = ($dx1 * $sy - $sx * $dy1) / $det;
        [$w, $d] = $cardMm;

        return new self([
            [($x1 - $x0 + $g * $x1) / $w, ($x3 - $x0 + $k * $x3) / $d, $x0],
            [($y1 - $y0 + $g * $y1) / $w, ($y3 - $y0 + $k * $y3) / $d, $y0],
            [$g / $w, $k / $d, 1.0],
        ], $picture);
    }

    /**
     * What was tapped, in millimetres on the plane of the card.
     *
     * @param list<array{float, float}> $pixels
     *
     * @throws FieldError `outline`
     */
    public function outline(array $pixels): Outline
    {
        // In the picture first: a crossing there is one that was tapped.
        Outline::of($pixels);

        return Outline::of($this->onThePlane($pixels));
    }

    /**
     * From point to point, in millimetres on the plane of the card.
     *
     * @param list<array{float, float}> $pixels two at least
     *
     * @throws FieldError `outline`
     */
    public function length(array $pixels): float
    {
        if (\count($pixels) < 2) {
            throw new FieldError('outline', Message::of('A length has two ends.'));
        }
        $points = $this->onThePlane($pixels);
        $length = 0.0;
        for ($i = 1; $i < \count($points); ++$i) {
            $length += hypot($points[$i][0] - $points[$i - 1][0], $points[$i][1] - $points[$i - 1][1]);
        }

        return $length;
    }

    /**
     * Where points of the card lie in the picture.
     *
     * @param list<array{float, float}> $mm
     *
     * @return list<array{float, float}> in pixels
     */
    public function seen(array $mm): array
    {
        return array_map(function (array $p): array {
            [$x, $y, $z] = array_map(static fn (array $row): float => $row[0] * $p[0] + $row[1] * $p[1] + $row[2], $this->h);

            return [$x / $z, $y / $z];
        }, $mm);
    }

    /**
     * @param list<array{float, float}> $pixels
     *
     * @return list<array{float, float}>
     *
     * @throws FieldError `outline`
     */
    private function onThePlane(array $pixels): array
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $k, $i]] = $this->h;
        $det = $a * ($e * $i - $f * $k) - $b * ($d * $i - $f * $g) + $c * ($d * $k - $e * $g);
        $points = [];
        foreach ($pixels as [$x, $y]) {
            // Rows of the adjugate of H, which is its inverse but for a factor.
            $u = ($e * $i - $f * $k) * $x + ($c * $k - $b * $i) * $y + ($b * $f - $c * $e);
            $v = ($f * $g - $d * $i) * $x + ($a * $i - $c * $g) * $y + ($c * $d - $a * $f);
            $s = ($d * $k - $e * $g) * $x + ($b * $g - $a * $k) * $y + ($a * $e - $b * $d);
            // Beyond the line where the plane vanishes the sign turns.
            if (!($s * $det > 0.0)) {
                throw new FieldError('outline', Message::of('The outline reaches beyond what can be seen of the plane of the card.'));
            }
            $points[] = [$u / $s, $v / $s];
        }

        return $points;
    }

    /** Between the camera's axis and the normal of the plane: (K⁻¹h₁) × (K⁻¹h₂). */
    public function tiltDeg(): float
    {
        $focal = self::FOCAL * max($this->picture);
        [$cx, $cy] = [$this->picture[0] / 2.0, $this->picture[1] / 2.0];
        $columns = [];
        foreach ([0, 1] as $j) {
            [$x, $y, $z] = [$this->h[0][$j], $this->h[1][$j], $this->h[2][$j]];
            $columns[] = [($x - $cx * $z) / $focal, ($y - $cy * $z) / $focal, $z];
        }
        [[$x1, $y1, $z1], [$x2, $y2, $z2]] = $columns;
        [$nx, $ny, $nz] = [$y1 * $z2 - $z1 * $y2, $z1 * $x2 - $x1 * $z2, $x1 * $y2 - $y1 * $x2];

        return rad2deg(acos(min(1.0, abs($nz) / hypot(hypot($nx, $ny), $nz))));
    }

    /** What is said where the card was seen too steeply; null where it was not. */
    public function caution(): ?string
    {
        return $this->tiltDeg() <= self::STEEP_DEG ? null
            : Message::of('The card is seen at %d° from straight above: hold the camera flatter over it.', (int) round($this->tiltDeg()));
    }

    /** @param list<array{float, float}> $corners */
    private static function isSeen(array $corners): bool
    {
        try {
            return Outline::of($corners)->isConvex();
        } catch (FieldError) {
            return false;
        }
    }
}
