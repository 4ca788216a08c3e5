<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Database\Row;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\Core\Schedule\Calendar\Hours;

/** Reads who works here, when on a day, and what one of them did last, in one query. */
final readonly class CrewReader
{
    private const TAKE_BACK_HOURS = 4;
    private const BACKED_UP_HOURS = 48;

    public function __construct(private Connection $connection, private WorkshopClock $clock)
    {
    }

    /** What was done longer ago, or to a step that somebody has touched since, is not offered to be taken back. */
    public function of(int $person, \DateTimeImmutable $now, \DateTimeImmutable $day): Crew
    {
        $date = $day->format('Y-m-d');
        $names = $hours = [];
        $last = $backedUp = null;
        foreach (Row::all(
            $this->connection,
            'SELECT w.id, w.name, w.week, (SELECT o.shifts FROM other_day o WHERE o.day = ? AND (o.person_id IS NULL OR o.person_id = w.id)
             ORDER BY o.person_id IS NOT NULL DESC, o.id DESC LIMIT 1) AS other, CASE WHEN w.id = ? THEN (
                SELECT JSON_OBJECT(\'event\', a.event, \'at\', a.at, \'step\', s.id, \'version\', s.version, \'title\', s.title, \'piece\', p.name)
                FROM step_act a JOIN plan_step s ON s.id = a.step_id JOIN piece p ON p.id = s.piece_id
                WHERE p.collected_at IS NULL AND a.person_id = w.id AND a.taken_back = 0 AND a.at > ? AND a.stays IS NULL AND a.event <> ?
                AND NOT EXISTS (SELECT 1 FROM step_act l WHERE l.step_id = a.step_id AND l.taken_back = 0 AND l.id > a.id) ORDER BY a.id DESC LIMIT 1
             ) END AS last,
             (SELECT COALESCE(MAX(b.at), (SELECT t.opened_at FROM ticket t ORDER BY t.id LIMIT 1)) FROM backup_made b WHERE b.failure IS NULL) AS backed_up
             FROM person w WHERE '.WorkingHours::HANDS.' ORDER BY w.id = ? DESC, w.id',
            [$date, $person, Iso::toRow($now->modify(\sprintf('-%d hours', self::TAKE_BACK_HOURS))), Event::Started->value, $person],
        ) as $row) {
            $backedUp = $row->textOrNull('backed_up');
            $names[$row->int('id')] = $row->text('name');
            $hours[$row->int('id')] = new Hours(
                array_map(WorkingHours::shifts(...), WorkingHours::week($row->json('week'))),
                null === $row->textOrNull('other') ? [] : [$date => WorkingHours::shifts($row->json('other'))],
            );
            $act = $row->inner('last');
            $last ??= null === $act ? null : new LastActView(
                $act->int('step'),
                $act->int('version'),
                $act->text('title'),
                $act->text('piece'),
                $act->enum('event', Event::class),
                Iso::always($act->text('at')),
            );
        }

        return new Crew($names, $hours, $last, $this->tooOld($backedUp));
    }

    /** @return string|null since when nothing has been backed up, once that is too long; the demo has nothing to lose */
    private function tooOld(?string $backedUp): ?string
    {
        $isOld = null !== $backedUp && strtotime($backedUp.' UTC') < time() - self::BACKED_UP_HOURS * 3600;

        return $isOld && !$this->clock->isDemo() ? Iso::always($backedUp) : null;
    }
}
