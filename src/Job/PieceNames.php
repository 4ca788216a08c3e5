<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;

/** What pieces are called, where nothing else is asked of them. */
final readonly class PieceNames
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, string> by id
     */
    public function of(array $ids): array
    {
        $names = [];
        $sql = 'SELECT id, name FROM piece WHERE id IN (?)';
        foreach ([] === $ids ? [] : Row::all($this->connection, $sql, [array_values(array_unique($ids))], [ArrayParameterType::INTEGER]) as $row) {
            $names[$row->int('id')] = $row->text('name');
        }

        return $names;
    }
}
