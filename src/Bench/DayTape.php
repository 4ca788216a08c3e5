<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepsAtWork;
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
     * @param array<int, StepsAtWork> $atWork
     * @param array<int, Row>         $pieces
     *
     * @return list<TapeView> one for each person
     */
    public function tapes(
        CurrentTimetable $ahead,
        array $atWork,
        array $pieces,
        Crew $crew,
        \DateTimeImmutable $now,
        \DateTimeImmutable $from,
        \DateTimeImmutable $until,
    ): array {
        $next = [];
        [$endOfDay, $endOfNext] = [$until->getTimestamp(), $until->modify('+1 day')->getTimestamp()];
        $blocks = $later = array_fill_keys(array_keys($crew->names), []);
        $titles = $isRunning = [];
        foreach ($atWork as $piece => $ofPiece) {
            $titles += $ofPiece->later;
            foreach ($ofPiece->steps as $step) {
                $work = $step->work;
                if (null !== $work->startedBy && null !== $work->startedAt && ($work->endedAt ?? $now) >= $from) {
                    $name = $pieces[$piece]->text('name');
                    $blocks[$work->startedBy][] = self::block($step->id, $step->title, $piece, $name, $work->startedAt, $work->endedAt ?? $now, true);
                }
                if (!$step->isDone()) {
                    $titles[$step->id] = $step->title;
                    $isRunning[$step->id] = $step->isRunning();
                }
            }
        }
        foreach ($ahead->blocks as [$id, $person, $start, $end, $piece]) {
            if (!isset($titles[$id], $blocks[$person]) || $start >= $endOfNext && isset($next[$person])) {
                continue;
            }
            // What was to be over by now and is not goes on.
            $shift = $isRunning[$id] ?? false ? max(0, $now->getTimestamp() - $start) : 0;
            $over = self::at(max($end, $start + $shift + 60));
            $block = self::block($id, $titles[$id], $piece, $pieces[$piece]->text('name'), self::at($start + $shift), $over, false);
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
     * @param array<int, StepsAtWork> $atWork
     * @param array<int, Row>         $pieces
     *
     * @return list<ThreadView>
     */
    public function threads(array $atWork, array $pieces, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $threads = [];
        foreach ($atWork as $piece => $ofPiece) {
            foreach ($ofPiece->steps as $step) {
                $next = $step->coat->at(Stage::Next);
                if ($step->dries() && $next > $now->getTimestamp()) {
                    $threads[] = new ThreadView(
                        max(Iso::of($step->work->endedAt) ?? '', Iso::of($from) ?? ''),
                        min(Iso::of(self::at($next)) ?? '', Iso::of($until) ?? ''),
                        $step->title,
                        $pieces[$piece]->text('name'),
                    );
                }
            }
        }

        return $threads;
    }

    private static function block(
        int $step,
        string $title,
        int $piece,
        string $name,
        \DateTimeImmutable $from,
        \DateTimeImmutable $until,
        bool $done,
    ): BlockView {
        return new BlockView($step, Iso::of($from) ?? '', Iso::of($until) ?? '', $title, $piece, $name, $done);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.$seconds);
    }
}
