<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Material\Material;

/** What the outside of pieces is made of; one statement for any number of them. */
final readonly class Outside
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param list<int> $ids of pieces
     *
     * @return array<int, list<Material>> by piece
     */
    public function ofPieces(array $ids): array
    {
        return $this->found('SELECT DISTINCT v.piece_id AS id, v.part, v.material FROM piece_part v WHERE v.piece_id IN (?)', $ids);
    }

    /**
     * @param list<int> $ids of passports
     *
     * @return array<int, list<Material>> by passport, as it was when it was here last
     */
    public function ofPassports(array $ids): array
    {
        return $this->found(
            'SELECT DISTINCT p.passport_id AS id, v.part, v.material FROM piece_part v JOIN piece p ON p.id = v.piece_id
             WHERE p.id IN (SELECT MAX(q.id) FROM piece q WHERE q.passport_id IN (?) GROUP BY q.passport_id)',
            $ids,
        );
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, list<Material>>
     */
    private function found(string $sql, array $ids): array
    {
        $found = [];
        foreach ([] === $ids ? [] : Row::all($this->connection, $sql, [$ids], [ArrayParameterType::INTEGER]) as $row) {
            if ($row->enum('part', PartName::class)->isOuter()) {
                $found[$row->int('id')][$row->text('material')] = $row->enum('material', Material::class);
            }
        }

        return array_map(array_values(...), $found);
    }
}
