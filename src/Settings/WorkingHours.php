<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Schedule\Calendar\Hours;
use KindHeel\Core\Schedule\Calendar\Shift;
use KindHeel\Core\Schedule\Solve\Worker;

/** Who works here and when, as the scheduling core sees it; two queries. */
final readonly class WorkingHours
{
    /** How far ahead hours are known. */
    public const DAYS = 35;
    /** So many working days are offered where one is to be chosen. */
    private const OFFERED = 25;
    private const HALF_HOUR = 30;
    /** Of a person who is counted as a pair of hands. */
    public const HANDS = "left_on IS NULL AND role <> 'counter'";

    public function __construct(private Connection $connection, private string $workshopTimezone)
    {
    }

    /** @return list<Worker> with shifts in minutes from `$now` */
    public function from(\DateTimeImmutable $now): array
    {
        $zone = new \DateTimeZone($this->workshopTimezone);
        $other = Row::all($this->connection, 'SELECT person_id, day, shifts FROM other_day WHERE day >= ? ORDER BY person_id IS NOT NULL, id', [
            $now->setTimezone($zone)->format('Y-m-d'),
        ]);
        $hands = [];
        foreach (Row::all($this->connection, 'SELECT id, week, skills FROM person WHERE '.self::HANDS.' ORDER BY id') as $row) {
            $id = $row->int('id');
            $days = [];
            foreach ($other as $day) {
                if (null === $day->intOrNull('person_id') || $id === $day->int('person_id')) {
                    $days[substr($day->text('day'), 0, 10)] = self::shifts($day->json('shifts'));
                }
            }
            $shifts = array_map(
                static fn (array $s): array => [(int) ceil(($s[0] - $now->getTimestamp()) / 60), intdiv($s[1] - $now->getTimestamp(), 60)],
                (new Hours(array_map(self::shifts(...), self::week($row->json('week'))), $days))->from($now, $zone, self::DAYS),
            );
            $hands[] = new Worker(
                (string) $id,
                [] === $row->words('skills') ? array_column(Phase::cases(), 'value') : $row->words('skills'),
                array_values(array_filter($shifts, static fn (array $s): bool => $s[0] < $s[1])),
            );
        }

        return $hands;
    }

    /**
     * When the first of them comes and the last goes home, on each day on which somebody works.
     *
     * @param list<Worker> $hands with shifts in minutes from `$now`
     *
     * @return list<array{int, int}> minutes from `$now`, the soonest day first
     */
    public function openings(array $hands, \DateTimeImmutable $now): array
    {
        $local = $now->setTimezone(new \DateTimeZone($this->workshopTimezone));
        $open = [];
        foreach ($hands as $hand) {
            foreach ($hand->shifts as [$from, $until]) {
                $day = $local->modify(\sprintf('+%d minutes', $until))->format('Y-m-d');
                $open[$day] = [min($open[$day][0] ?? $from, $from), max($open[$day][1] ?? $until, $until)];
            }
        }
        ksort($open);

        return array_values($open);
    }

    /**
     * Hours of the next working days for which something may be promised or wanted: each full half hour from when the first of them comes, and when the last
     * goes home.
     *
     * @param list<Worker> $hands with shifts in minutes from `$now`
     *
     * @return list<non-empty-list<int>> minutes from `$now`, a list a day
     */
    public function halfHours(array $hands, \DateTimeImmutable $now): array
    {
        // The first full half hour of the clock, in minutes from now.
        $half = (self::HALF_HOUR - intdiv($now->getTimestamp(), 60) % self::HALF_HOUR) % self::HALF_HOUR;

        return array_map(static function (array $open) use ($half): array {
            [$from, $until] = $open;
            $first = $half + self::HALF_HOUR * (int) ceil(($from - $half) / self::HALF_HOUR);

            return [...$first < $until ? range($first, $until - 1, self::HALF_HOUR) : [], $until];
        }, \array_slice($this->openings($hands, $now), 0, self::OFFERED));
    }

    /**
     * @param array<array-key, mixed> $stored
     *
     * @return array<int, array<array-key, mixed>>
     */
    public static function week(array $stored): array
    {
        $week = [];
        foreach ($stored as $day => $shifts) {
            if (\is_array($shifts)) {
                $week[(int) $day] = $shifts;
            }
        }

        return $week;
    }

    /**
     * @param array<array-key, mixed> $stored
     *
     * @return list<Shift>
     */
    public static function shifts(array $stored): array
    {
        $shifts = [];
        foreach ($stored as $pair) {
            if (\is_array($pair) && \is_string($pair[0] ?? null) && \is_string($pair[1] ?? null)) {
                $shifts[] = Shift::of($pair[0], $pair[1]);
            }
        }

        return Shift::day($shifts);
    }
}
