<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * The workshop's card: a black frame round a white margin and twelve fields in three rows, printed with their colours, or printed empty and painted from the
 * workshop's own tubes. White paper is left round the frame, so that it stands alone on whatever it lies on. Measures are of the frame.
 */
final class WorkshopCard
{
    public const WIDTH_MM = 100.0;
    public const HEIGHT_MM = 70.0;
    /** White paper outside the frame. */
    public const PAPER_MM = 4.0;
    public const FRAME_MM = 4.0;
    public const MARGIN_MM = 4.0;
    public const COLUMNS = 4;
    public const ROWS = 3;
    /** Between two fields. */
    public const GAP_MM = 2.0;
    /** As a printer is told to print them, row by row: six greys and six colours of leather, none like its neighbours. */
    public const PRINTED = [
        '#f4f4f2', '#8b5a33', '#c8c8c8', '#2f4f7a',
        '#b5443a', '#9f9f9f', '#4f6b45', '#767676',
        '#4f4f4f', '#d9b26a', '#6b3f4f', '#2b2b2b',
    ];

    /**
     * Where the middle of each field lies, in mm from the upper left corner of the frame, row by row.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function middles(): array
    {
        [$width, $height] = self::field();
        $from = self::FRAME_MM + self::MARGIN_MM;
        $middles = [];
        for ($row = 0; $row < self::ROWS; ++$row) {
            for ($column = 0; $column < self::COLUMNS; ++$column) {
                $middles[] = [$from + $column * ($width + self::GAP_MM) + $width / 2.0, $from + $row * ($height + self::GAP_MM) + $height / 2.0];
            }
        }

        return $middles;
    }

    /** @return array{float, float} how wide and how high a field is, mm */
    public static function field(): array
    {
        $from = self::FRAME_MM + self::MARGIN_MM;

        return [
            (self::WIDTH_MM - 2.0 * $from - (self::COLUMNS - 1) * self::GAP_MM) / self::COLUMNS,
            (self::HEIGHT_MM - 2.0 * $from - (self::ROWS - 1) * self::GAP_MM) / self::ROWS,
        ];
    }

    /** @return list<Lab> what the printed fields are where the printer does as it is told */
    public static function printed(): array
    {
        return array_map(static function (string $hex): Lab {
            $light = static fn (int $from): float => Srgb::decoded((float) hexdec(substr($hex, $from, 2)) / 255.0);

            return Srgb::xyz($light(1), $light(3), $light(5))->toLab(Srgb::white());
        }, self::PRINTED);
    }
}
