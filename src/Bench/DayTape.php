<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Ahead\Foreseen;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;

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
     * @param array<int, Row>    $steps  all on the bench, by id
     * @param array<int, Row>    $pieces
     * @param array<int, string> $people names, by id
     *
     * @return list<TapeView> one for each person
     */
    public function tapes(Foreseen $ahead, array $steps, array $pieces, array $people, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $blocks = $later = array_fill_keys(array_keys($people), []);
        $first = Iso::toRow($from);
        foreach ($steps as $row) {
            $by = $row->intOrNull('started_by_id');
            if (null !== $by && null !== $row->textOrNull('started_at') && ($row->textOrNull('ended_at') ?? Iso::toRow($now)) >= $first) {
                $blocks[$by][] = new BlockView($row->int('id'), Iso::always($row->text('started_at')), Iso::fromRow($row->textOrNull('ended_at')) ?? Iso::of($now) ?? '', $row->text('title'), $pieces[$row->int('piece_id')]->text('name'), true);
            }
        }
        foreach ($ahead->blocks as [$step, $person, $start, $end]) {
            $row = $steps[$step] ?? null;
            if (null === $row || 'done' === $row->text('status') || !isset($blocks[$person])) {
                continue;
            }
            // What was to be over by now and is not goes on.
            $shift = 'running' === $row->text('status') ? max(0, $now->getTimestamp() - $start) : 0;
            $block = new BlockView($step, self::iso($start + $shift), self::iso(max($end, $start + $shift + 60)), $row->text('title'), $pieces[$row->int('piece_id')]->text('name'), false);
            if ($start < $until->getTimestamp()) {
                $blocks[$person][] = $block;
            } elseif ($start < $until->modify('+1 day')->getTimestamp()) {
                $later[$person][] = $block;
            }
        }

        return array_map(static fn (int $id, string $name): TapeView => new TapeView($id, $name, $blocks[$id], $later[$id]), array_keys($people), $people);
    }

    /**
     * @param array<int, Row> $steps
     * @param array<int, Row> $pieces
     *
     * @return list<ThreadView>
     */
    public function threads(array $steps, array $pieces, \DateTimeImmutable $now, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        $threads = [];
        foreach ($steps as $row) {
            if ('done' === $row->text('status') && $row->textOrNull('next_at') > Iso::toRow($now)) {
                $threads[] = new ThreadView(
                    max(Iso::always($row->text('ended_at')), Iso::of($from) ?? ''),
                    min(Iso::always($row->text('next_at')), Iso::of($until) ?? ''),
                    $row->text('title'),
                    $pieces[$row->int('piece_id')]->text('name'),
                );
            }
        }

        return $threads;
    }

    private static function iso(int $seconds): string
    {
        return Iso::of(new \DateTimeImmutable('@'.$seconds)) ?? '';
    }
}
