<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Schedule\Block;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Outlook;

/** The day as a maker's tape: what hands did and will be needed for, and what dries by itself. */
final readonly class DayTape
{
    /** In the workshop's own time. */
    private const DAY_FROM = '08:00';
    private const DAY_UNTIL = '19:00';

    public function __construct(private string $workshopTimezone)
    {
    }

    /** @return array{\DateTimeImmutable, \DateTimeImmutable} the day that the tape shows */
    public function day(\DateTimeImmutable $now): array
    {
        $local = $now->setTimezone(new \DateTimeZone($this->workshopTimezone));
        $from = new \DateTimeImmutable($local->format('Y-m-d ').self::DAY_FROM, $local->getTimezone());
        $until = new \DateTimeImmutable($local->format('Y-m-d ').self::DAY_UNTIL, $local->getTimezone());
        // Somebody works before or after hours: the tape reaches there.
        $from = $local < $from ? $local->setTime((int) $local->format('H'), 0) : $from;

        return [$from, $local >= $until->modify('-1 hour') ? $local->modify('+3 hours')->setTime((int) $local->modify('+3 hours')->format('H'), 0) : $until];
    }

    /**
     * @param list<Job>             $jobs
     * @param array<int, list<Row>> $rows
     * @param array<int, Row>       $pieces
     *
     * @return list<BlockView>
     */
    public function blocks(array $jobs, array $rows, array $pieces, int $person, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $blocks = [];
        $start = Iso::toRow($from);
        foreach ($rows as $piece => $steps) {
            foreach ($steps as $row) {
                if (null !== $row->textOrNull('started_at') && $row->int('started_by_id') === $person && ($row->textOrNull('ended_at') ?? $row->text('started_at')) >= $start) {
                    $blocks[] = new BlockView(Iso::always($row->text('started_at')), Iso::fromRow($row->textOrNull('ended_at')) ?? Iso::of($now) ?? '', $row->text('title'), $pieces[$piece]->text('name'), true);
                }
            }
        }

        return [...$blocks, ...array_map(static fn (Block $b): BlockView => new BlockView(
            Iso::of($b->start) ?? '',
            Iso::of($b->end) ?? '',
            $b->task->title,
            $pieces[$b->task->piece]->text('name'),
            false,
        ), Outlook::until($jobs, $now, $until))];
    }

    /**
     * @param array<int, list<Row>> $rows
     * @param array<int, Row>       $pieces
     *
     * @return list<ThreadView>
     */
    public function threads(array $rows, array $pieces, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $threads = [];
        foreach ($rows as $piece => $steps) {
            foreach ($steps as $row) {
                if ('done' === $row->text('status') && $row->textOrNull('next_at') > Iso::toRow($now)) {
                    $threads[] = new ThreadView(
                        max(Iso::always($row->text('ended_at')), Iso::of($from) ?? ''),
                        min(Iso::always($row->text('next_at')), Iso::of($until) ?? ''),
                        $row->text('title'),
                        $pieces[$piece]->text('name'),
                    );
                }
            }
        }

        return $threads;
    }
}
