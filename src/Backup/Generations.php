<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

/**
 * Which backups are kept: all of the last two days, as one made after a mistake does not take the place of the one before it; then the last of each of so
 * many days, weeks and months.
 */
final class Generations
{
    public const ALL_HOURS = 48;
    public const DAYS = 14;
    public const WEEKS = 8;
    public const MONTHS = 24;

    /**
     * @param list<\DateTimeImmutable> $made in any order
     *
     * @return list<\DateTimeImmutable> those that go
     */
    public static function go(array $made): array
    {
        usort($made, static fn (\DateTimeImmutable $a, \DateTimeImmutable $b): int => $b <=> $a);
        $lately = ($made[0] ?? new \DateTimeImmutable())->modify(\sprintf('-%d hours', self::ALL_HOURS));
        $kept = array_filter($made, static fn (\DateTimeImmutable $at): bool => $at >= $lately);
        foreach (['Y-m-d' => self::DAYS, 'o-W' => self::WEEKS, 'Y-m' => self::MONTHS] as $of => $many) {
            $last = [];
            foreach ($made as $i => $at) {
                $last[$at->format($of)] ??= $i;
            }
            $kept += array_fill_keys(\array_slice(array_values($last), 0, $many), true);
        }

        return array_values(array_diff_key($made, $kept));
    }
}
