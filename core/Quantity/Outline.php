<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/** A closed outline in a plane; whichever way round it was drawn. */
final readonly class Outline
{
    /** @param list<array{float, float}> $points */
    private function __construct(public array $points)
    {
    }

    /**
     * @param list<array{float, float}> $points in order round it
     *
     * @throws FieldError `outline`
     */
    public static function of(array $points): self
    {
        if (\count($points) < 3) {
            throw new FieldError('outline', Message::of('An outline has three points at least.'));
        }
        $outline = new self($points);
        if ($outline->crossesItself()) {
            throw new FieldError('outline', Message::of('The outline crosses itself: go round the part once.'));
        }
        if (!($outline->area() > 0.0)) {
            throw new FieldError('outline', Message::of('The outline has no area.'));
        }

        return $outline;
    }

    /** The shoelace formula. */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->sides() as [[$x1, $y1], [$x2, $y2]]) {
            $twice += $x1 * $y2 - $x2 * $y1;
        }

        return abs($twice) / 2.0;
    }

    public function perimeter(): float
    {
        return array_sum(array_map(static fn (array $side): float => hypot($side[1][0] - $side[0][0], $side[1][1] - $side[0][1]), $this->sides()));
    }

    /**
     * As long as it is from end to end, and as wide as it is across that: how a mark is told.
     *
     * @return array{float, float}
     */
    public function extent(): array
    {
        $long = [0.0, 0.0, 0.0];
        foreach ($this->points as $i => [$x1, $y1]) {
            foreach (\array_slice($this->points, $i + 1) as [$x2, $y2]) {
                $far = hypot($x2 - $x1, $y2 - $y1);
                $long = $far > $long[0] ? [$far, ($x2 - $x1) / $far, ($y2 - $y1) / $far] : $long;
            }
        }
        $across = array_map(static fn (array $p): float => $p[1] * $long[1] - $p[0] * $long[2], $this->points);

        return [$long[0], [] === $across ? 0.0 : max($across) - min($across)];
    }

    /** Four corners, none of which points inwards or lies between its neighbours. */
    public function isConvex(): bool
    {
        $signs = [];
        $n = \count($this->points);
        foreach ($this->points as $i => $a) {
            $signs[self::turn($a, $this->points[($i + 1) % $n], $this->points[($i + 2) % $n])] = true;
        }

        return 1 === \count($signs) && !isset($signs[0]);
    }

    /** @return list<array{array{float, float}, array{float, float}}> */
    private function sides(): array
    {
        $n = \count($this->points);

        return array_map(fn (int $i): array => [$this->points[$i], $this->points[($i + 1) % $n]], array_keys($this->points));
    }

    private function crossesItself(): bool
    {
        $sides = $this->sides();
        $n = \count($sides);
        for ($i = 0; $i < $n; ++$i) {
            for ($j = $i + 1; $j < $n; ++$j) {
                $neighbours = $j === $i + 1 || 0 === $i && $n - 1 === $j;
                if ($neighbours ? self::foldsBack($sides[$i], $sides[$j]) : self::meet($sides[$i], $sides[$j])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether two sides that share a corner lie on one another.
     *
     * @param array{array{float, float}, array{float, float}} $one
     * @param array{array{float, float}, array{float, float}} $other
     */
    private static function foldsBack(array $one, array $other): bool
    {
        [$before, $corner, $after] = $one[1] === $other[0] ? [$one[0], $one[1], $other[1]] : [$other[0], $other[1], $one[1]];
        $along = ($before[0] - $corner[0]) * ($after[0] - $corner[0]) + ($before[1] - $corner[1]) * ($after[1] - $corner[1]);

        return 0 === self::turn($before, $corner, $after) && $along > 0.0;
    }

    /**
     * Whether two sides touch or cross.
     *
     * @param array{array{float, float}, array{float, float}} $one
     * @param array{array{float, float}, array{float, float}} $other
     */
    private static function meet(array $one, array $other): bool
    {
        [$a, $b] = $one;
        [$c, $d] = $other;
        $turns = [self::turn($a, $b, $c), self::turn($a, $b, $d), self::turn($c, $d, $a), self::turn($c, $d, $b)];
        if ($turns[0] * $turns[1] < 0 && $turns[2] * $turns[3] < 0) {
            return true;
        }

        return 0 === $turns[0] && self::within($a, $b, $c) || 0 === $turns[1] && self::within($a, $b, $d)
            || 0 === $turns[2] && self::within($c, $d, $a) || 0 === $turns[3] && self::within($c, $d, $b);
    }

    /**
     * Which way a → b → c turns: 1, −1, or 0 for straight on.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    private static function turn(array $a, array $b, array $c): int
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) <=> ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }

    /**
     * Whether a point on the line through two others lies between them.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param array{float, float} $point
     */
    private static function within(array $from, array $to, array $point): bool
    {
        return min($from[0], $to[0]) <= $point[0] && $point[0] <= max($from[0], $to[0])
            && min($from[1], $to[1]) <= $point[1] && $point[1] <= max($from[1], $to[1]);
    }
}
