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
     * @return array<int, list<PartColourView>> by piece
     */
    public function of(array $pieces): array
    {
        $found = [];
        $hex = array_combine(array_column(Shade::cases(), 'value'), array_map(static fn (Shade $s): string => $s->lab()->toSrgbHex(), Shade::cases()));
        foreach (
            [] === $pieces
                ? []
                : Row::all(
                    $this->connection,
                    'SELECT piece_id, half, part, shade FROM piece_part WHERE piece_id IN (?)',
                    [$pieces],
                    [ArrayParameterType::INTEGER],
                ) as $row
        ) {
            $found[$row->int('piece_id')][] = new PartColourView(
                $row->enum('half', Half::class),
                $row->enum('part', PartName::class),
                $hex[$row->text('shade')],
            );
        }

        return $found;
    }
}
