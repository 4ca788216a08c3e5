<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;

/**
 * Plans at a glance, read once until their mark is another ({@see PlanMarks}). They are kept in the memory that the workers of this machine share, or in this
 * process where there is none: one of each piece, so that it does not grow with the days.
 */
final class PlanGlances
{
    private const KEY = 'kindheel.glance.';

    /** @var array<string, array{string, PlanGlance}> */
    private array $here = [];

    /** Of each workshop that these workers serve its own. */
    private readonly string $key;

    public function __construct(private readonly Connection $connection, private readonly Steps $steps, private readonly PlanMarks $marks, string $databaseUrl)
    {
        $this->key = self::KEY.hash('xxh3', $databaseUrl).'.';
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, PlanGlance> by piece, where it has steps
     */
    public function of(array $pieces): array
    {
        // Before the steps: of what changes meanwhile the mark is an old one, and nobody asks for it again.
        $marks = $this->marks->of($pieces);
        $known = $this->known($marks);
        $glances = $this->read(array_values(array_diff($pieces, array_keys($known))));
        $this->keep($marks, $glances);
        $all = array_filter($known + $glances, static fn (PlanGlance $g): bool => $g->all > 0);
        ksort($all);

        return $all;
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, PlanGlance> by piece, of what has no steps too: that nothing is planned is known as well
     */
    private function read(array $pieces): array
    {
        $steps = $this->steps->glances($pieces);
        $parts = [];
        foreach ([] === $steps ? [] : Row::all(
            $this->connection,
            'SELECT c.piece_id, c.half, c.shade, c.part FROM piece_part c WHERE c.piece_id IN (?) ORDER BY c.piece_id, c.half, c.shade',
            [array_keys($steps)],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $parts[$row->int('piece_id')][] = $row;
        }
        $glances = [];
        foreach ($pieces as $piece) {
            $glances[$piece] = PlanGlance::of($steps[$piece] ?? [], PieceColours::among($parts[$piece] ?? []));
        }

        return $glances;
    }

    /**
     * @param array<int, string> $marks by piece
     *
     * @return array<int, PlanGlance> of those that are kept by the mark that they have, by piece
     */
    private function known(array $marks): array
    {
        $keys = array_map(fn (int $piece): string => $this->key.$piece, array_keys($marks));
        $found = apcu_enabled() ? apcu_fetch($keys) : $this->here;
        $known = [];
        foreach ($marks as $piece => $mark) {
            $kept = \is_array($found) ? $found[$this->key.$piece] ?? null : null;
            if (\is_array($kept) && $mark === $kept[0] && $kept[1] instanceof PlanGlance) {
                $known[$piece] = $kept[1];
            }
        }

        return $known;
    }

    /**
     * @param array<int, string>     $marks   by piece
     * @param array<int, PlanGlance> $glances by piece
     */
    private function keep(array $marks, array $glances): void
    {
        $keep = [];
        foreach (array_intersect_key($glances, $marks) as $piece => $glance) {
            $keep[$this->key.$piece] = [$marks[$piece], $glance];
        }
        if (apcu_enabled()) {
            apcu_store($keep);
        } else {
            $this->here = $keep + $this->here;
        }
    }
}
