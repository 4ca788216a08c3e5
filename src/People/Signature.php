<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use KindHeel\Core\Text\FieldError;

/** A signature drawn by hand: strokes of the pen as points in a field of 600 × 200. */
final class Signature
{
    private const WIDTH = 600;
    private const HEIGHT = 200;
    private const MOST_POINTS = 4000;
    private const LEAST_POINTS = 8;

    /**
     * @param array<mixed> $given
     *
     * @return list<list<array{int, int}>>
     *
     * @throws FieldError when it is none
     */
    public static function strokes(array $given): array
    {
        $strokes = [];
        $points = 0;
        foreach ($given as $stroke) {
            $line = [];
            foreach (\is_array($stroke) ? $stroke : [] as $point) {
                [$x, $y] = \is_array($point) ? [$point[0] ?? null, $point[1] ?? null] : [null, null];
                if (!\is_int($x) || !\is_int($y) || $x < 0 || $x > self::WIDTH || $y < 0 || $y > self::HEIGHT) {
                    throw new FieldError('strokes', 'The signature runs out of its field. Clear it, and sign once more.');
                }
                $line[] = [$x, $y];
                ++$points;
            }
            $strokes[] = $line;
        }
        if ($points < self::LEAST_POINTS) {
            throw new FieldError('strokes', 'That is a dot, not a signature. Sign once more.');
        }
        if ($points > self::MOST_POINTS) {
            throw new FieldError('strokes', 'That is more than a signature. Clear it, and sign once more.');
        }

        return $strokes;
    }

    /**
     * The way of the pen, as an SVG path in that field.
     *
     * @param array<mixed> $strokes as they were kept
     */
    public static function path(array $strokes): string
    {
        $number = static fn (mixed $n): string => \is_int($n) ? (string) $n : '0';
        $point = static fn (mixed $p): string => \is_array($p) ? implode(' ', array_map($number, $p)) : '';
        $path = '';
        foreach ($strokes as $stroke) {
            $points = array_map($point, \is_array($stroke) ? $stroke : []);
            $path .= [] === $points ? '' : 'M'.implode('L', $points);
        }

        return $path;
    }
}
