<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Timetables for other dates than a known one keeps ({@see OtherDates}): by lists made for them, which only aim at them, or built so that each of them is kept.
 * No order is placed twice, and dates are tried again only by a wider beam.
 */
final class DateSearch
{
    /** Dates that are thrown for each timetable that is asked for. */
    private const TRIES = 30;
    /** Of a beam that keeps dates: narrow at first, each time wider. */
    private const NARROW = 10;
    private const WIDER = 2.5;
    private const WIDEST = 100;
    /** Minutes for which it lets somebody stand idle, as often as not: what is tight is not always kept by those who never wait. */
    private const IDLE = 45;

    private readonly OtherDates $dates;
    private readonly BackwardLists $backwards;
    private readonly MissedDates $missed;
    /** @var array<string, true> orders that have been placed */
    private array $placed = [];
    /** @var array<string, int> how wide dates have been tried */
    private array $tried = [];
    /** @var array<string, float> how pressed everything is for dates, before anything has been placed */
    private array $pressures = [];

    /** @param \Closure(int): int $random */
    public function __construct(private readonly ActivityLists $lists, private readonly BeamSearch $beams, private readonly \Closure $random)
    {
        $this->dates = new OtherDates($lists->problem, $random);
        $this->backwards = new BackwardLists($lists);
        $this->missed = new MissedDates();
    }

    /** A list in the order in which other dates press, or in which it would be placed backwards from them; null where there was no new one. */
    public function aimed(PlacedList $now): ?PlacedList
    {
        $ends = $this->ends($now);
        for ($n = 0; $n < self::TRIES; ++$n) {
            $dates = $this->dates->dates($ends);
            if (null === $dates) {
                return null;
            }
            $way = ($this->random)(4);
            $order = 0 === $way ? $now->order : $this->dates->order($dates);
            if ($way < 3) {
                $order = $this->isNew([...$order, ...$dates]) ? $this->backwards->order($order, $dates) : null;
            }
            if (null !== $order && $this->isNew($order)) {
                return $this->lists->place($order, []);
            }
        }

        return null;
    }

    /** One in which a late job ends a stretch earlier than in `$now` and the others keep their dates; null where none was found for those that were tried. */
    public function kept(PlacedList $now): ?PlacedList
    {
        [$dates, $tried] = $this->leastPressing($now);
        if (null === $dates) {
            return null;
        }
        $width = 0 === $tried ? self::NARROW : (int) (self::WIDER * $tried);
        if ($width > self::WIDEST) {
            return null;
        }
        $this->tried[implode(' ', $dates)] = $width;
        $best = null;
        $idle = self::IDLE * ($this->random)(2);
        $this->beams->run(new Beam($width, 2, false, 0.5, $idle, dates: $dates), \INF, function (BeamNode $node) use (&$best): void {
            $list = $this->lists->placeLike($node->starts, $node->workers);
            $best = null !== $list && (null === $best || $list->cost < $best->cost) ? $list : $best;
        });
        if (null === $best) {
            $this->missed->add($dates, $width);
        }

        return $best;
    }

    /**
     * Of some dates that are thrown, those that have been tried the least widely, and of them the least pressing.
     *
     * @return array{array<int, int>|null, int} by job, null where none can be kept; and how wide they have been tried
     */
    private function leastPressing(PlacedList $now): array
    {
        $ends = $this->ends($now);
        $chosen = null;
        $least = [\PHP_INT_MAX, \INF];
        for ($n = 0; $n < self::TRIES && null !== $dates = $this->dates->dates($ends); ++$n) {
            $key = implode(' ', $dates);
            $pressure = $this->pressures[$key] ??= $this->beams->pressure($dates) ?? \INF;
            if ($pressure < \INF) {
                $rank = [max($this->tried[$key] ?? 0, $this->missed->widest($dates)), $pressure];
                [$chosen, $least] = $rank < $least ? [$dates, $rank] : [$chosen, $least];
            }
        }

        return [$chosen, $least[0]];
    }

    /** @return array<int, int> by job */
    private function ends(PlacedList $now): array
    {
        $steps = $this->lists->problem->steps;

        return array_map(
            static fn (DueJob $job): int => max(array_map(static fn (int $i): int => $now->starts[$i] + $steps[$i]->minutes, $job->steps)),
            $this->lists->problem->jobs,
        );
    }

    /** @param array<int> $numbers */
    private function isNew(array $numbers): bool
    {
        $key = hash('xxh3', implode(' ', $numbers));
        $isNew = !isset($this->placed[$key]);
        $this->placed[$key] = true;

        return $isNew;
    }
}
