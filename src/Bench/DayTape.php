<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Timetable\CurrentTimetable;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Calendar\Hours;

/** The day as a maker's tape, one for each pair of hands: what they did and will be needed for, and what dries by itself. */
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
     * @param array<int, StepRecord> $steps  all on the bench, by id
     * @param array<int, Row>        $pieces
     *
     * @return list<TapeView> one for each person
     */
    public function tapes(
        CurrentTimetable $ahead,
        array $steps,
        array $pieces,
        Crew $crew,
        \DateTimeImmutable $now,
        \DateTimeImmutable $from,
        \DateTimeImmutable $until,
    ): array {
        $next = [];
        [$endOfDay, $endOfNext] = [$until->getTimestamp(), $until->modify('+1 day')->getTimestamp()];
        $blocks = $later = array_fill_keys(array_keys($crew->names), []);
        foreach ($steps as $step) {
            $work = $step->work;
            if (null !== $work->startedBy && null !== $work->startedAt && ($work->endedAt ?? $now) >= $from) {
                $blocks[$work->startedBy][] = $this->block($step, $pieces, $work->startedAt, $work->endedAt ?? $now, true);
            }
        }
        foreach ($ahead->blocks as [$id, $person, $start, $end]) {
            $step = $steps[$id] ?? null;
            if (null === $step || $step->isDone() || !isset($blocks[$person]) || $start >= $endOfNext && isset($next[$person])) {
                continue;
            }
            // What was to be over by now and is not goes on.
            $shift = $step->isRunning() ? max(0, $now->getTimestamp() - $start) : 0;
            $block = $this->block($step, $pieces, self::at($start + $shift), self::at(max($end, $start + $shift + 60)), false);
            $next[$person] ??= $block;
            if ($start < $endOfDay) {
                $blocks[$person][] = $block;
            } elseif ($start < $endOfNext) {
                $later[$person][] = $block;
            }
        }

        return array_map(
            fn (int $id, string $name): TapeView => new TapeView(
                $id,
                $name,
                $blocks[$id],
                $later[$id],
                $this->hours($crew->hours[$id], $from),
                $next[$id] ?? null,
            ),
            array_keys($crew->names),
            $crew->names,
        );
    }

    /** @return list<SpanView> */
    private function hours(Hours $hours, \DateTimeImmutable $day): array
    {
        $local = $day->setTime(0, 0);

        return array_map(
            static fn (array $s): SpanView => new SpanView(Iso::of(self::at($s[0])) ?? '', Iso::of(self::at($s[1])) ?? ''),
            $hours->from($local, $local->getTimezone(), 1),
        );
    }

    /**
     * @param array<int, StepRecord> $steps
     * @param array<int, Row>        $pieces
     *
     * @return list<ThreadView>
     */
    public function threads(array $steps, array $pieces, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $threads = [];
        foreach ($steps as $step) {
            $next = $step->coat->at(Stage::Next);
            if ($step->dries() && $next > $now->getTimestamp()) {
                $threads[] = new ThreadView(
                    max(Iso::of($step->work->endedAt) ?? '', Iso::of($from) ?? ''),
                    min(Iso::of(self::at($next)) ?? '', Iso::of($until) ?? ''),
                    $step->title,
                    $pieces[$step->piece]->text('name'),
                );
            }
        }

        return $threads;
    }

    /** @param array<int, Row> $pieces */
    private function block(StepRecord $step, array $pieces, \DateTimeImmutable $from, \DateTimeImmutable $until, bool $done): BlockView
    {
        return new BlockView($step->id, Iso::of($from) ?? '', Iso::of($until) ?? '', $step->title, $step->piece, $pieces[$step->piece]->text('name'), $done);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.$seconds);
    }
}
