<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Each of some to one of as many, at the least cost (the Hungarian method, Kuhn 1955, by shortest augmenting paths). */
final class Assignment
{
    /** @param list<list<float>> $costs n × n: of each row at each column */
    public static function cheapest(array $costs): float
    {
        $n = \count($costs);
        // Potentials of rows and columns; which row a column has. Index 0 is none.
        $u = $v = array_fill(0, $n + 1, 0.0);
        $row = array_fill(0, $n + 1, 0);
        for ($i = 1; $i <= $n; ++$i) {
            $row[0] = $i;
            $column = 0;
            $least = array_fill(0, $n + 1, \INF);
            $from = array_fill(0, $n + 1, 0);
            $used = array_fill(0, $n + 1, false);
            do {
                $used[$column] = true;
                $here = $row[$column];
                $step = \INF;
                $next = 0;
                for ($j = 1; $j <= $n; ++$j) {
                    if ($used[$j]) {
                        continue;
                    }
                    $reduced = $costs[$here - 1][$j - 1] - $u[$here] - $v[$j];
                    if ($reduced < $least[$j]) {
                        $least[$j] = $reduced;
                        $from[$j] = $column;
                    }
                    if ($least[$j] < $step) {
                        $step = $least[$j];
                        $next = $j;
                    }
                }
                for ($j = 0; $j <= $n; ++$j) {
                    if ($used[$j]) {
                        $u[$row[$j]] += $step;
                        $v[$j] -= $step;
                    } else {
                        $least[$j] -= $step;
                    }
                }
                $column = $next;
            } while (0 !== $row[$column]);
            do {
                $before = $from[$column];
                $row[$column] = $row[$before];
                $column = $before;
            } while (0 !== $column);
        }

        return -$v[0];
    }
}
