<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * The search where there is time to look closely. While something is late it goes by dates: lists aimed at others than those that are kept, a walk from the
 * best of them, and timetables that keep others still ({@see DateSearch}); of two that search side by side the second has beams between.
 *
 * Now and then, and where nothing is late, it walks from a good activity list to another, the jobs' weights changed for a while so that a valley is left
 * (noising, Charon and Hudry 1993).
 */
final class FewSteps
{
    /** Lists aimed at dates, one after the other without anything better. */
    private const AIMED = 250;
    /** By how many minutes the dates that are thrown are later than the jobs' own. */
    private const LATER = 1500;
    private const KEPT = 40;
    private const AFTER_AIMED = 300;
    private const AFTER_KEPT = 60;
    private const ASTRAY = 100;
    private const HOME = 400;
    private const HOT = 0.1;
    private const WORSE = 0.3;
    private const WALKS_FROM_A_BEAM = 2;
    /** Steps without anything better after which the search has looked enough, a step of the problem. */
    private const PATIENCE = 200;

    private readonly ActivityLists $lists;
    private readonly ListNeighbours $neighbours;
    private readonly BeamSearch $beams;
    private readonly DateSearch $dates;
    private readonly LatestStart $latest;
    private PlacedList $best;
    private int $idle = 0;
    /** @var list<Beam>|null those that are left of the first */
    private ?array $plans = null;

    /**
     * @param \Closure(int): int $random
     * @param \Closure(): bool   $goOn
     * @param int                $number of those that search side by side: every second begins with beams
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly \Closure $random,
        private readonly \Closure $goOn,
        private readonly int $number,
    ) {
        $this->lists = new ActivityLists($problem);
        $this->neighbours = new ListNeighbours($this->lists, $random);
        $this->beams = new BeamSearch($this->lists, $random, $goOn);
        $this->latest = new LatestStart($problem);
        $this->dates = new DateSearch($this->lists, $this->beams, $random);
    }

    public function evaluations(): int
    {
        return $this->lists->evaluations;
    }

    /**
     * A timetable that is better than this one, where there is one that is found.
     *
     * @param Timetable $table everything placed and every window kept
     * @param float     $bound weighted tardiness that nothing is below
     */
    public function improve(Timetable $table, float $bound): Timetable
    {
        $home = $this->lists->placeLike($table->starts, $table->workers);
        if (null === $home || \count($home->order) < 2) {
            return $table;
        }
        $this->best = $home;
        $patience = self::PATIENCE * \count($home->order);
        for ($round = 0; $this->idle < $patience && ($this->goOn)(); ++$round) {
            ++$this->idle;
            $home = match (true) {
                $this->best->worth[0] <= $bound, 2 === $round % 3 => $this->fromAstray($home),
                0 === $round % 3 && 1 === $this->number % 2 => $this->fromABeam($this->beam(), $home),
                default => $this->byDates($round - $this->number % 2),
            };
        }
        $found = Timetable::of($this->problem, $this->best->starts, $this->best->workers);

        return $found->isBetterThan($table) ? $found : $table;
    }

    /** From lists that aim at dates to timetables that keep others. */
    private function byDates(int $round): PlacedList
    {
        $dues = array_map(fn (DueJob $job): int => $job->due + (0 === $round ? 0 : ($this->random)(self::LATER)), $this->problem->jobs);
        $now = $this->lists->place($this->latest->order($dues), []) ?? $this->best;
        $this->compare($now);
        for ($idle = 0; $idle < self::AIMED && ($this->goOn)(); ++$idle) {
            $list = $this->dates->aimed($now);
            if (null !== $list) {
                $this->compare($list);
                [$now, $idle] = $list->cost < $now->cost ? [$list, 0] : [$now, $idle];
            }
        }
        $now = $this->walk($now, self::AFTER_AIMED);
        for ($idle = 0; $idle < self::KEPT && ($this->goOn)(); ++$idle) {
            $list = $this->keepingDates($now->cost < $this->best->cost || 0 === ($this->random)(2) ? $now : $this->best);
            [$now, $idle] = null !== $list && $list->cost < $now->cost ? [$list, 0] : [$now, $idle];
        }

        return $now;
    }

    /** Null where none was found that is less late. */
    private function keepingDates(PlacedList $home): ?PlacedList
    {
        $list = $this->dates->kept($home);
        if (null === $list) {
            return null;
        }
        $this->compare($list);
        $list = $this->walk($list, self::AFTER_KEPT);

        return $list->cost < $home->cost ? $list : null;
    }

    /** The first are from coarse to fine, by different guesses. */
    private function beam(): Beam
    {
        $this->plans ??= [
            new Beam(60, 2, false, 0.7, 0),
            new Beam(100, 2, false, 0.5, 0),
            new Beam(120, 2, false, 0.6, 15),
            new Beam(200, 2, false, 0.7, 0),
            new Beam(300, 3, true, 0.2, 0),
        ];

        return array_shift($this->plans) ?? $this->anyBeam();
    }

    private function anyBeam(): Beam
    {
        $random = $this->random;

        return new Beam(
            50 + $random(150),
            1 + $random(4),
            0 === $random(3),
            0.4 + $random(60) / 100.0,
            [0, 0, 15, 45][$random(4)],
            $random(1000) / 1000.0,
        );
    }

    /** The best that comes of a beam; those that it only began are finished in the order that is known. */
    private function fromABeam(Beam $beam, PlacedList $home): PlacedList
    {
        $found = [];
        $this->beams->run($beam, $this->best->worth[0], function (BeamNode $node) use ($home, &$found): void {
            $list = $this->lists->placeLike($node->starts, $node->workers, $home);
            if (null !== $list) {
                $found[(string) $list->cost] = $list;
            }
        });
        $this->idle += self::HOME;
        usort($found, static fn (PlacedList $a, PlacedList $b): int => $a->cost <=> $b->cost);
        foreach (\array_slice($found, 0, self::WALKS_FROM_A_BEAM) as $list) {
            $this->compare($list);
            $list = $this->walk($list, self::HOME);
            $home = $list->cost <= $home->cost ? $list : $home;
        }

        return $home;
    }

    /** Some way with other weights, and from there home again. */
    private function fromAstray(PlacedList $home): PlacedList
    {
        $weights = $this->lists->weights;
        foreach ($weights as $j => $weight) {
            $this->lists->weights[$j] = $weight * exp(($this->random)(2001) / 500.0 - 2.0);
        }
        $astray = $this->lists->place($home->order, $home->asked);
        $astray = null === $astray ? $home : $this->walk($astray, self::ASTRAY);
        $this->lists->weights = $weights;
        $back = $this->lists->place($astray->order, $astray->asked);
        if (null === $back) {
            return $home;
        }
        $back = $this->walk($back, self::HOME);
        if ($back->cost <= $home->cost + $this->heat() / self::HOT * self::WORSE * ($this->random)(1000) / 1000.0) {
            return $back;
        }

        return 0 === ($this->random)(20) ? $this->best : $home;
    }

    /** Simulated annealing from a low heat (Kirkpatrick 1983); the best on the way. */
    private function walk(PlacedList $now, int $steps): PlacedList
    {
        $local = $now;
        $hot = $this->heat();
        for ($k = 0; $k < $steps && ($this->goOn)(); ++$k) {
            $move = $this->neighbours->oneOf($now);
            $next = null === $move ? null : $this->lists->place(...$move);
            if (null === $next) {
                continue;
            }
            $worse = $next->cost - $now->cost;
            if ($worse <= 0.0 || ($this->random)(1_000_000) / 1_000_000.0 < exp(-$worse / ($hot * (1.0 - $k / $steps)))) {
                $now = $next;
                $local = $now->cost < $local->cost ? $now : $local;
            }
            $this->compare($next);
        }

        return $local;
    }

    private function compare(PlacedList $list): void
    {
        ++$this->idle;
        if ($list->worth < $this->best->worth) {
            $this->best = $list;
            $this->idle = 0;
        }
    }

    private function heat(): float
    {
        $worth = $this->best->worth;

        return self::HOT * max(1.0, $worth[0] > 0.0 ? $worth[0] : 0.02 * $worth[1]) / max(2.0, sqrt(\count($this->best->order)));
    }
}
