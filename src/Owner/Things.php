<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Settings\WorkshopSettings;
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
        $owner = $this->settings->identity()->home
            ? Row::first($this->connection, 'SELECT id FROM owner WHERE erased_at IS NULL ORDER BY id LIMIT 1')?->int('id') : null;
        if (null === $owner) {
            throw new NotFoundHttpException();
        }
        $blocks = array_values(array_filter($this->timetable->read()->blocks, static fn (array $b): bool => $b[1] > 0));
        $atWork = $names = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.passport_id, p.ticket_id, p.planned_from, p.finished_at FROM piece p WHERE p.collected_at IS NULL ORDER BY p.id',
        ) as $row) {
            $names[$row->int('id')] = $row->text('name');
            $next = array_column(array_filter($blocks, static fn (array $b): bool => $b[4] === $row->int('id')), 2);
            $atWork[] = new ThingAtWorkView(
                $row->int('passport_id'),
                $row->int('id'),
                $row->int('ticket_id'),
                $row->text('name'),
                null !== $row->intOrNull('planned_from'),
                null !== $row->textOrNull('finished_at'),
                [] === $next ? null : Iso::of(new \DateTimeImmutable('@'.min($next))),
            );
        }

        return new ThingsView($this->owners->one($owner), $atWork, $this->sittings($blocks, $names));
    }

    /**
     * @param list<array{int, int, int, int, int, ?string, ?string}> $blocks of hands, in the order of their start
     * @param array<int, string>                                     $names  of pieces
     *
     * @return list<SittingView>
     */
    private function sittings(array $blocks, array $names): array
    {
        $zone = new \DateTimeZone($this->workshopTimezone);
        $days = [];
        foreach ($blocks as $block) {
            $days[(new \DateTimeImmutable('@'.$block[2]))->setTimezone($zone)->format('Y-m-d')][] = $block;
        }
        ksort($days);

        return array_map(static fn (array $some): SittingView => new SittingView(
            (string) Iso::of(new \DateTimeImmutable('@'.min(array_column($some, 2)))),
            (string) Iso::of(new \DateTimeImmutable('@'.max(array_column($some, 3)))),
            array_sum(array_map(static fn (array $b): float => ($b[3] - $b[2]) / 60, $some)),
            array_values(array_unique(array_map(static fn (array $b): string => $names[$b[4]] ?? '', $some))),
        ), \array_slice(array_values($days), 0, self::SITTINGS));
    }
}
