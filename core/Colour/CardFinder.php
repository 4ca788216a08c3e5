<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Quantity\CardView;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/**
 * Finds the workshop's card in a picture by its black frame: what is darker than its surroundings falls into pieces that hang together, and the one whose hull
 * is a quadrangle with a light middle is the frame. Pure: light of pixels in, corners and fields out.
 */
final class CardFinder
{
    /** Darker than this share of its surroundings is dark. */
    private const DARK = 0.62;
    /** Surroundings reach so far, as a share of the longer side. */
    private const AROUND = 0.09;
    /** A card is at least so wide, as a share of the longer side. */
    private const SMALLEST = 0.08;
    /** What the frame takes of the whole card lies between these. */
    private const THIN = 0.06;
    private const THICK = 0.5;
    /** What is no frame is taken for one that is cut off or bent only where it is as thin as one. */
    private const RING = 0.35;
    /** A flat card is a quadrangle to within so much of its hull. */
    private const FLAT = 0.93;
    /** What is less of one, or thicker, is no bent card either. */
    private const BENT = 0.8;
    private const RING_BENT = 0.24;
    /** A hull is described by so many corners at most before four of them are chosen. */
    private const HULL = 22;
    /** The margin is lighter than the frame by so much, and no side of it darker than another by more than so much. */
    private const LIGHTER = 1.6;
    private const SHADE = 1.55;

    /**
     * @return array{corners: list<array{float, float}>, turns: list<list<array{float, float}>>} shares of width and height: the corners in order round the
     *     card, and the middles of the fields for each of the four ways in which it can lie
     *
     * @throws FieldError `card`, where there is none, or it cannot be trusted
     */
    public static function find(GreyPicture $picture): array
    {
        $longer = max($picture->width, $picture->height);
        $best = null;
        $largest = 0.0;
        $cut = $bent = false;
        foreach (self::pieces($picture, (int) ceil(self::AROUND * $longer)) as [$count, $edges, $touches]) {
            $hull = self::hull($edges);
            $area = self::area($hull);
            if (sqrt($area) < self::SMALLEST * $longer || $count < self::THIN * $area || $count > self::THICK * $area) {
                continue;
            }
            $quad = self::quad($hull);
            if ($touches) {
                $cut = $cut || $count < self::RING * $area;
            } elseif (self::area($quad) < self::FLAT * $area) {
                $bent = $bent || $count < self::RING_BENT * $area && self::area($quad) > self::BENT * $area;
            } elseif ($area > $largest && self::isLightInside($picture, $quad)) {
                [$best, $largest] = [$quad, $area];
            }
        }
        if (null === $best) {
            throw new FieldError('card', match (true) {
                $bent => Message::of('The card in this picture is not flat. Lay it flat beside the leather and take it again.'),
                $cut => Message::of('The card is cut off: all four sides of its frame have to be in the picture.'),
                default => Message::of('No card is found in this picture. Tap its fields yourself, or take it again with the whole frame in it.'),
            });
        }
        self::mustLieInOneLight($picture, $best);
        $turns = [];
        for ($turn = 0; $turn < 4; ++$turn) {
            $corners = [...\array_slice($best, $turn), ...\array_slice($best, 0, $turn)];
            $turns[] = self::shares($picture, self::view($picture, $corners)->seen(WorkshopCard::middles()));
        }

        return ['corners' => self::shares($picture, $best), 'turns' => $turns];
    }

    /**
     * @param list<array{float, float}> $pixels
     *
     * @return list<array{float, float}> of width and height
     */
    private static function shares(GreyPicture $picture, array $pixels): array
    {
        return array_map(static fn (array $p): array => [$p[0] / $picture->width, $p[1] / $picture->height], $pixels);
    }

    /**
     * Dark pixels that hang together.
     *
     * @return iterable<array{int, list<array{float, float}>, bool}> how many, the outermost of each row, and whether they touch the edge of the picture
     */
    private static function pieces(GreyPicture $picture, int $reach): iterable
    {
        [$width, $height] = [$picture->width, $picture->height];
        $dark = [];
        for ($y = 0, $i = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x, ++$i) {
                if (\ord($picture->light[$i]) < self::DARK * $picture->around($x, $y, $reach)) {
                    $dark[$i] = true;
                }
            }
        }
        while ([] !== $dark) {
            $first = array_key_first($dark);
            unset($dark[$first]);
            $open = [$first];
            $count = 0;
            $left = $right = [];
            while ([] !== $open) {
                $i = array_pop($open);
                ++$count;
                $y = intdiv($i, $width);
                $x = $i % $width;
                $left[$y] = min($left[$y] ?? $x, $x);
                $right[$y] = max($right[$y] ?? $x, $x);
                foreach ([[$x > 0, $i - 1], [$x < $width - 1, $i + 1], [$y > 0, $i - $width], [$y < $height - 1, $i + $width]] as [$there, $next]) {
                    if ($there && isset($dark[$next])) {
                        unset($dark[$next]);
                        $open[] = $next;
                    }
                }
            }
            if ($count < 40) {
                continue;
            }
            $edges = [];
            foreach ($left as $y => $x) {
                $edges[] = [(float) $x, (float) $y];
                $edges[] = [(float) $right[$y], (float) $y];
            }
            $rows = array_keys($left);
            yield [$count, $edges, min($left) < 1 || max($right) > $width - 2 || min($rows) < 1 || max($rows) > $height - 2];
        }
    }

    /**
     * Their convex hull (Andrew 1979), with the corners that matter least left out.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}> in order round it
     */
    private static function hull(array $points): array
    {
        sort($points);
        $hull = [...self::halfHull($points), ...self::halfHull(array_reverse($points))];
        while (\count($hull) > self::HULL) {
            $n = \count($hull);
            $least = 0;
            $area = \INF;
            for ($i = 0; $i < $n; ++$i) {
                $lost = abs(self::turn($hull[($i + $n - 1) % $n], $hull[$i], $hull[($i + 1) % $n]));
                if ($lost < $area) {
                    [$least, $area] = [$i, $lost];
                }
            }
            array_splice($hull, $least, 1);
        }

        return $hull;
    }

    /**
     * @param list<array{float, float}> $points rising or falling
     *
     * @return list<array{float, float}> one side of their hull, without its end
     */
    private static function halfHull(array $points): array
    {
        $hull = [];
        foreach ($points as $p) {
            while (\count($hull) > 1 && self::turn($hull[\count($hull) - 2], $hull[\count($hull) - 1], $p) <= 0.0) {
                array_pop($hull);
            }
            $hull[] = $p;
        }
        array_pop($hull);

        return $hull;
    }

    /**
     * The largest quadrangle of its corners, from the beginning of one of its longer sides.
     *
     * @param list<array{float, float}> $hull
     *
     * @return list<array{float, float}>
     */
    private static function quad(array $hull): array
    {
        $n = \count($hull);
        $best = \array_slice($hull, 0, 4);
        $most = 0.0;
        for ($a = 0; $a < $n - 3; ++$a) {
            for ($b = $a + 1; $b < $n - 2; ++$b) {
                for ($c = $b + 1; $c < $n - 1; ++$c) {
                    $one = abs(self::turn($hull[$a], $hull[$b], $hull[$c]));
                    for ($d = $c + 1; $d < $n; ++$d) {
                        $area = $one + abs(self::turn($hull[$a], $hull[$c], $hull[$d]));
                        if ($area > $most) {
                            $most = $area;
                            $best = [$hull[$a], $hull[$b], $hull[$c], $hull[$d]];
                        }
                    }
                }
            }
        }

        $side = static fn (int $i): float => hypot($best[($i + 1) % 4][0] - $best[$i][0], $best[($i + 1) % 4][1] - $best[$i][1]);

        return 4 !== \count($best) || $side(0) + $side(2) >= $side(1) + $side(3) ? $best : [$best[1], $best[2], $best[3], $best[0]];
    }

    /** @param list<array{float, float}> $quad */
    private static function isLightInside(GreyPicture $picture, array $quad): bool
    {
        if (4 !== \count($quad)) {
            return false;
        }
        [$frame, $margin] = self::sides($picture, $quad);

        return min([255.0, ...$margin]) > self::LIGHTER * max(1.0, ...$frame);
    }

    /**
     * @param list<array{float, float}> $quad
     *
     * @throws FieldError `card`
     */
    private static function mustLieInOneLight(GreyPicture $picture, array $quad): void
    {
        [, $margin] = self::sides($picture, $quad);
        if (max([0.0, ...$margin]) > self::SHADE * min([255.0, ...$margin])) {
            throw new FieldError('card', Message::of('One side of the card lies in shade, so no colour can be told by it. Take it again in even light.'));
        }
    }

    /**
     * How light the frame and the margin are in the middle of each side.
     *
     * @param list<array{float, float}> $quad
     *
     * @return array{list<float>, list<float>} a figure for each side
     */
    private static function sides(GreyPicture $picture, array $quad): array
    {
        $view = self::view($picture, $quad);
        [$w, $h] = [WorkshopCard::WIDTH_MM, WorkshopCard::HEIGHT_MM];
        $at = static function (float $in) use ($view, $w, $h, $picture): array {
            $points = [[$w / 2.0, $in], [$w - $in, $h / 2.0], [$w / 2.0, $h - $in], [$in, $h / 2.0]];

            return array_map(static fn (array $p): float => $picture->around(
                max(0, min($picture->width - 1, (int) round($p[0]))),
                max(0, min($picture->height - 1, (int) round($p[1]))),
                1,
            ), $view->seen($points));
        };

        return [$at(WorkshopCard::FRAME_MM / 2.0), $at(WorkshopCard::FRAME_MM + WorkshopCard::MARGIN_MM / 2.0)];
    }

    /** @param list<array{float, float}> $corners */
    private static function view(GreyPicture $picture, array $corners): CardView
    {
        return CardView::of($corners, [WorkshopCard::WIDTH_MM, WorkshopCard::HEIGHT_MM], [(float) $picture->width, (float) $picture->height]);
    }

    /**
     * Twice the area of a triangle, with the sign of its turn.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }

    /** @param list<array{float, float}> $polygon */
    private static function area(array $polygon): float
    {
        $twice = 0.0;
        foreach ($polygon as $i => $p) {
            $next = $polygon[($i + 1) % \count($polygon)];
            $twice += $p[0] * $next[1] - $next[0] * $p[1];
        }

        return abs($twice) / 2.0;
    }
}
