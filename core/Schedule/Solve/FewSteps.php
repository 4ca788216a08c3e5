<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * The search where there is time to look closely: beams from the beginning, and walks from a good activity list to another, in which the jobs' weights are
 * changed for a while so that a valley is left (iterated local search; noising, Charon and Hudry 1993).
 */
final class FewSteps
{
    private const PERCENT_BEAMS = 60;
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
    private PlacedList $best;
    private int $idle = 0;

    /**
     * @param \Closure(int): int $random
     * @param \Closure(): bool   $goOn
     */
    public function __construct(private readonly Problem $problem, private readonly \Closure $random, private readonly \Closure $goOn)
    {
        $this->lists = new ActivityLists($problem);
        $this->neighbours = new ListNeighbours($this->lists, $random);
        $this->beams = new BeamSearch($this->lists, $random, $goOn);
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
        $home = $this->placedAs($table->starts, $table->workers);
        if (null === $home || \count($home->order) < 2) {
            return $table;
        }
        $this->best = $home;
        $plans = self::plans(($this->random)(2));
        $patience = self::PATIENCE * \count($home->order);
        while ($this->idle < $patience && ($this->goOn)()) {
            $home = $this->best->worth[0] > $bound && ($this->random)(100) < self::PERCENT_BEAMS
                ? $this->fromABeam(array_shift($plans) ?? $this->anyBeam(), $home)
                : $this->fromAstray($home);
        }
        $found = Timetable::of($this->problem, $this->best->starts, $this->best->workers);

        return $found->isBetterThan($table) ? $found : $table;
    }

    /**
     * From coarse to fine, by different guesses; two that search side by side do not look at the same.
     *
     * @return list<Beam>
     */
    private static function plans(int $which): array
    {
        return 0 === $which ? [
            new Beam(60, 2, false, 0.7, 0),
            new Beam(100, 2, false, 0.5, 0),
            new Beam(200, 2, false, 0.7, 0),
            new Beam(300, 3, true, 0.2, 0),
        ] : [
            new Beam(60, 2, true, 0.2, 0),
            new Beam(120, 2, false, 0.6, 15),
            new Beam(150, 3, true, 0.3, 0),
            new Beam(300, 2, false, 0.85, 0),
        ];
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
            $list = $this->placedAs($node->starts, $node->workers, $home);
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

    /**
     * @param array<int, int> $starts
     * @param array<int, int> $workers
     * @param PlacedList|null $rest    the order of what is not among them, and who is asked there
     */
    private function placedAs(array $starts, array $workers, ?PlacedList $rest = null): ?PlacedList
    {
        $order = $this->lists->inTime($starts);
        foreach ($rest->order ?? [] as $i) {
            if (!isset($starts[$i])) {
                $order[] = $i;
            }
        }
        $free = $this->lists->place($order, $rest->asked ?? []);
        $asked = $this->lists->place($order, array_filter($workers, static fn (int $p): bool => $p >= 0) + ($rest->asked ?? []));

        return null === $asked || null !== $free && $free->cost <= $asked->cost ? $free : $asked;
    }
}
