<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Timetable\HandsDay;
use KindHeel\App\Timetable\TimetableStore;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Somebody’s own things, looked after at home in short sittings. */
final readonly class Things
{
    private const SITTINGS = 6;

    public function __construct(
        private Connection $connection,
        private WorkshopSettings $settings,
        private OwnerReader $owners,
        private TimetableStore $timetable,
        private string $workshopTimezone,
    ) {
    }

    /** @throws NotFoundHttpException where there are customers */
    public function view(): ThingsView
    {
        $owner = $this->settings->identity()->home ? $this->settings->homeOwner() : null;
        if (null === $owner) {
            throw new NotFoundHttpException();
        }
        $rows = Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.passport_id, p.ticket_id, p.planned_from, p.finished_at FROM piece p JOIN ticket t ON t.id = p.ticket_id
             WHERE p.collected_at IS NULL AND t.owner_id = ? ORDER BY p.id',
            [$owner],
        );
        $names = array_column(array_map(static fn (Row $r): array => [$r->int('id'), $r->text('name')], $rows), 1, 0);
        $days = $this->timetable->read()->handsOf(array_keys($names), new \DateTimeZone($this->workshopTimezone));
        $next = [];
        foreach ($days as $day) {
            foreach ($day->pieces as $piece) {
                $next[$piece] ??= Iso::of($day->from);
            }
        }

        return new ThingsView(
            $this->owners->one($owner),
            array_map(static fn (Row $r): ThingAtWorkView => new ThingAtWorkView(
                $r->int('passport_id'),
                $r->int('id'),
                $r->int('ticket_id'),
                $r->text('name'),
                null !== $r->intOrNull('planned_from'),
                null !== $r->textOrNull('finished_at'),
                $next[$r->int('id')] ?? null,
            ), $rows),
            array_map(static fn (HandsDay $d): SittingView => new SittingView(
                (string) Iso::of($d->from),
                (string) Iso::of($d->until),
                $d->minutes,
                array_map(static fn (int $piece): string => $names[$piece], $d->pieces),
            ), \array_slice($days, 0, self::SITTINGS)),
        );
    }
}
