<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
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
        if ([] === $pieces) {
            return [];
        }
        $hex = array_combine(array_column(Shade::cases(), 'value'), array_map(static fn (Shade $s): string => $s->lab()->toSrgbHex(), Shade::cases()));
        // Thousands of rows on a full counter, of a few parts and colours: one view for each of those.
        $views = $found = [];
        foreach ($this->connection->fetchAllNumeric(
            'SELECT piece_id, half, part, shade FROM piece_part WHERE piece_id IN (?)',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as [$piece, $half, $part, $shade]) {
            \assert(\is_int($piece) && \is_string($half) && \is_string($part) && \is_string($shade));
            $found[$piece][] = $views[$half][$part][$shade] ??= new PartColourView(Half::from($half), PartName::from($part), $hex[$shade]);
        }

        return $found;
    }
}
