<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Shade;

/** In which colours the parts of pieces are drawn. */
final readonly class PieceColours
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<PartColoursView>> by piece; left before right
     */
    public function of(array $pieces): array
    {
        if ([] === $pieces) {
            return [];
        }
        // A full counter has thousands of parts of a few colours: the database puts together what is of one.
        $found = [];
        foreach (Row::all(
            $this->connection,
            'SELECT piece_id, half, shade, GROUP_CONCAT(part) AS parts FROM piece_part WHERE piece_id IN (?)
                GROUP BY piece_id, half, shade ORDER BY piece_id, half, shade',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $found[$row->int('piece_id')][] = self::view($row, array_map(PartName::from(...), explode(',', $row->text('parts'))));
        }

        return $found;
    }

    /**
     * @param list<Row> $parts of one piece
     *
     * @return list<PartColoursView>
     */
    public static function among(array $parts): array
    {
        $sorted = [];
        foreach ($parts as $row) {
            $sorted[$row->text('half').' '.$row->text('shade')][] = $row;
        }

        $part = static fn (Row $r): PartName => $r->enum('part', PartName::class);

        return array_map(static fn (array $same): PartColoursView => self::view($same[0], array_map($part, $same)), array_values($sorted));
    }

    /** @param list<PartName> $parts */
    private static function view(Row $of, array $parts): PartColoursView
    {
        return new PartColoursView($of->enum('half', Half::class), $of->enum('shade', Shade::class)->hex(), $parts);
    }
}
