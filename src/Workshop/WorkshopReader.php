<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Learning\EvidenceKind;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\People\Role;
use KindHeel\App\Settings\Gear;
use KindHeel\App\Settings\SettingsVersion;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Schedule\Calendar\Shift;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Schedule\SetUpMinutes;
use KindHeel\Core\Treatment\WorkKey;
use Psr\Clock\ClockInterface;

/** Reads what the workshop has set for itself and learned, in nine queries. */
final readonly class WorkshopReader
{
    /** So many of the newest are shown. */
    private const SEEN = 12;
    private const STATIONS = [
        'bench' => 'places at the bench', 'booth' => 'pieces in the spray booth', 'sink' => 'pieces at the sink',
        'lamp' => 'pieces under the lamp',
    ];

    public function __construct(
        private Connection $connection,
        private WorkshopSettings $settings,
        private SettingsVersion $version,
        private Learning $learning,
        private WorkingHours $hours,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    public function forPerson(int $person): WorkshopView
    {
        $rows = $this->learning->rows();
        $factors = $this->learning->factors($rows);
        $people = $names = [];
        foreach (Row::all($this->connection, 'SELECT id, name, role, week, skills FROM person WHERE '.WorkingHours::HANDS.' ORDER BY id') as $row) {
            $id = $row->int('id');
            $names[$id] = $row->text('name');
            $week = WorkingHours::week($row->json('week'));
            $pace = $factors->people[$id] ?? Learned::nothing();
            $people[] = new WorkerView($id, $row->text('name'), $row->enum('role', Role::class), array_map(
                static fn (int $day): DayHoursView => new DayHoursView($day, self::shifts($week[$day] ?? [])),
                range(1, 7),
            ), array_map(Phase::from(...), $row->words('skills')), round($pace->factor, 2), $pace->evidence);
        }
        $today = $this->clock->now()->setTimezone(new \DateTimeZone($this->workshopTimezone))->format('Y-m-d');
        $days = array_map(
            static fn (Row $r): OtherDayView => new OtherDayView(
                $r->int('id'),
                substr($r->text('day'), 0, 10),
                null === $r->intOrNull('person_id') ? null : $names[$r->int('person_id')] ?? '',
                self::shifts($r->json('shifts')),
                $r->text('why'),
            ),
            Row::all($this->connection, 'SELECT id, day, person_id, shifts, why FROM other_day WHERE day >= ? ORDER BY day, id', [$today]),
        );
        $setUp = $this->settings->setUp();
        $gaps = $this->learning->gaps();
        $switchSeen = $gaps->switchMinutes(SetUpMinutes::USUAL_SWITCH);
        $places = $this->settings->places();
        $gear = $this->settings->gear();

        return new WorkshopView(
            $people,
            $days,
            [
                ...array_map(
                    static fn (string $station, int $count): StationView => new StationView($station, self::STATIONS[$station] ?? $station, $count),
                    array_keys($places),
                    $places,
                ),
                ...array_map(
                    static fn (string $gear, int $count): StationView => new StationView($gear, Gear::from($gear)->label(), $count),
                    array_keys($gear),
                    $gear,
                ),
            ],
            $setUp->switch,
            $setUp->handover,
            $switchSeen,
            $gaps->handoverMinutes(SetUpMinutes::USUAL_HANDOVER, $switchSeen ?? $setUp->switch),
            $this->settings->alarm(),
            $this->settings->identity(),
            self::learned($rows, $factors),
            array_map(
                static fn (Row $r): FeedRowView => new FeedRowView($r->int('id'), Iso::always($r->text('made_at'))),
                Row::all($this->connection, 'SELECT id, made_at FROM calendar_feed WHERE person_id = ? AND revoked_at IS NULL ORDER BY id', [$person]),
            ),
            Phase::cases(),
            $this->version->current(),
        );
    }

    public function workingDays(): WorkingDaysView
    {
        $now = $this->clock->now();
        $at = static fn (int $minutes): string => Iso::of($now->modify(\sprintf('+%d minutes', $minutes))) ?? '';

        return new WorkingDaysView(array_map(
            static fn (array $hours): array => array_map($at, $hours),
            $this->hours->halfHours($this->hours->from($now), $now),
        ));
    }

    /**
     * @param list<Row> $rows the newest first
     *
     * @return list<LearnedView>
     */
    private static function learned(array $rows, Factors $factors): array
    {
        $seen = [];
        foreach ($rows as $row) {
            $seen[$row->text('kind')][$row->text('what')][] = round($row->float('ratio'), 2);
        }
        $views = [];
        foreach ([EvidenceKind::Drying->value => $factors->drying, EvidenceKind::Minutes->value => $factors->minutes] as $kind => $of) {
            foreach ($of as $what => $learned) {
                $views[] = new LearnedView(
                    EvidenceKind::from($kind),
                    $what,
                    WorkKey::label($what),
                    round($learned->factor, 2),
                    $learned->evidence,
                    \array_slice($seen[$kind][$what] ?? [], 0, self::SEEN),
                );
            }
        }
        usort(
            $views,
            static fn (LearnedView $a, LearnedView $b): int => [$a->kind->value, -$a->evidence, $a->what] <=> [$b->kind->value, -$b->evidence, $b->what],
        );

        return $views;
    }

    /**
     * @param array<array-key, mixed> $stored
     *
     * @return list<ShiftView>
     */
    private static function shifts(array $stored): array
    {
        return array_map(static fn (Shift $s): ShiftView => new ShiftView(Shift::clock($s->from), Shift::clock($s->until)), WorkingHours::shifts($stored));
    }
}
