<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Shade;

/** In which colours the parts of a piece are drawn. */
final class PieceColours
{
    /** Of a piece `p`: half, shade and name of each part. It comes with the pieces, in one statement. */
    public const COLUMN = '(SELECT GROUP_CONCAT(CONCAT_WS(\' \', c.half, c.shade, c.part) ORDER BY c.half, c.shade)
        FROM piece_part c WHERE c.piece_id = p.id) AS colours';

    /**
     * @param Row $piece with {@see COLUMN}
     *
     * @return list<PartColoursView> left before right
     */
    public static function of(Row $piece): array
    {
        $parts = $piece->textOrNull('colours');

        return null === $parts ? [] : self::sorted(array_map(static fn (string $part): array => explode(' ', $part), explode(',', $parts)));
    }

    /**
     * @param list<Row> $parts of one piece
     *
     * @return list<PartColoursView>
     */
    public static function among(array $parts): array
    {
        return self::sorted(array_map(static fn (Row $r): array => [$r->text('half'), $r->text('shade'), $r->text('part')], $parts));
    }

    /**
     * @param list<list<string>> $parts half, shade and name of each
     *
     * @return list<PartColoursView>
     */
    private static function sorted(array $parts): array
    {
        $same = [];
        foreach ($parts as [$half, $shade, $part]) {
            $same[$half][$shade][] = PartName::from($part);
        }
        $views = [];
        foreach ($same as $half => $shades) {
            foreach ($shades as $shade => $names) {
                $views[] = new PartColoursView(Half::from($half), Shade::from($shade)->hex(), $names);
            }
        }

        return $views;
    }
}
