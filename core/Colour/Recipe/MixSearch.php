<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

/**
 * Finds the mixes nearest to a target: every set of paints ranked, the most promising moved to their best shares, the best of these counted in whole drops.
 */
final readonly class MixSearch
{
    private const KEPT_OF_EACH_COUNT = 120;
    private const LOOKED_AT = 260;
    private const NUDGED = 70;
    private const REFINED = 32;
    private const NEIGHBOURED = 3;
    private const NEIGHBOURED_OUTSIDE = 10;
    private const ROUNDED = 22;
    private const NUDGES = 1;
    private const STEPS = 12;
    /** Below this, mixes are as good as each other before they are counted in drops. */
    private const ALIKE = 0.05;
    /** Shares of binder that a thinned pot is tried with. */
    private const BINDER = [0.0, 0.25, 0.5, 0.75];
    /** Beyond this the target lies outside what the paints reach, where the ranking near the target says little. */
    private const OUTSIDE = 0.5;
    private const PAIR_SHARES = [0.03, 0.12, 0.35, 0.65, 0.88, 0.97];
    private const PAIRS_KEPT = 10;
    private const WIDENED = 3;

    /** @param \Closure(): bool $goOn */
    public function __construct(private Corners $corners, private Target $target, private Layer $layer, private \Closure $goOn, private float $haste = 0.0)
    {
    }

    /**
     * @param int<0, max> $most different paints
     *
     * @return list<CandidateMix> in real shares, nearest first
     */
    public function shares(int $most, MixModel $model): array
    {
        $pool = [];
        foreach ($this->ranked($most) as $order => $candidate) {
            if ($order >= self::LOOKED_AT || $order >= self::REFINED && !($this->goOn)()) {
                break;
            }
            $pool[] = [$order, new CandidateMix($candidate->corners, $candidate->shares, $model->difference($candidate->corners, $candidate->shares))];
        }
        $refiner = new Refiner($model, $this->haste);
        foreach ([[self::NUDGED, self::NUDGES], [self::REFINED, self::STEPS]] as [$count, $steps]) {
            $pool = self::frontRunners($pool, $count);
            foreach ($pool as $i => [$order, $candidate]) {
                if ($i >= self::ROUNDED && !($this->goOn)()) {
                    break;
                }
                $pool[$i] = [$order, $refiner->refine($candidate, $steps)];
            }
        }
        $found = array_map(static fn (array $entry): CandidateMix => $entry[1], self::frontRunners($pool, self::REFINED));
        if ([] === $found || $found[0]->near > self::OUTSIDE) {
            foreach ($this->pairs($most, $model) as $candidate) {
                $found[] = $refiner->refine($candidate, self::STEPS);
            }
            usort($found, CandidateMix::nearestFirst(...));
            $found = self::distinct($found);
        }
        if ([] !== $found && $found[0]->near > self::ALIKE) {
            foreach (\array_slice($found, 0, $found[0]->near > self::OUTSIDE ? self::NEIGHBOURED_OUTSIDE : self::NEIGHBOURED) as $candidate) {
                array_push($found, ...$this->neighbours($candidate, $most, $refiner));
            }
        }
        $alike = static fn (CandidateMix $c): int => (int) floor(max(0.0, $c->near - self::ALIKE) / self::ALIKE);
        usort($found, static fn (CandidateMix $a, CandidateMix $b): int => $alike($a) <=> $alike($b));

        return $found;
    }

    /** @param int<0, max> $most */
    public function drops(int $most, PotSize $size): WholeDrops
    {
        $model = new MixModel($this->corners->k, $this->corners->s, $this->target, $this->layer);
        $drops = new WholeDrops($model, $this->corners, $size);
        if ($this->corners->isPot()) {
            $drops->round(new CandidateMix([0], [1.0], 0.0));
        }
        $seen = [];
        foreach ($this->shares($most, $model) as $candidate) {
            $used = self::used($candidate);
            $key = implode(' ', $used->corners);
            if (isset($seen[$key]) || [] !== $seen && !($this->goOn)()) {
                continue;
            }
            $seen[$key] = true;
            $drops->round($used);
            if (\count($seen) >= self::ROUNDED) {
                break;
            }
        }
        if (($this->goOn)()) {
            $binder = array_diff($this->corners->free, $this->corners->isPot() ? [0] : []);
            $drops->widen([...$this->corners->paints, ...$binder], $most, self::WIDENED);
        }

        return $drops;
    }

    /**
     * The nearest of mixes of two corners, at a few shares of every pair: where a target is out of reach, two paints or three come nearest.
     *
     * @return list<CandidateMix>
     */
    private function pairs(int $most, MixModel $model): array
    {
        $all = [...$this->corners->free, ...$this->corners->paints];
        $pairs = [];
        foreach ($all as $i => $a) {
            foreach (\array_slice($all, $i + 1) as $b) {
                if (\count(array_intersect([$a, $b], $this->corners->paints)) > $most || !($this->goOn)()) {
                    continue;
                }
                $best = null;
                $corners = [min($a, $b), max($a, $b)];
                foreach (self::PAIR_SHARES as $share) {
                    $near = $model->difference($corners, [$share, 1.0 - $share]);
                    if (null === $best || $near < $best->near) {
                        $best = new CandidateMix($corners, [$share, 1.0 - $share], $near);
                    }
                }
                $pairs[] = $best;
            }
        }
        usort($pairs, CandidateMix::nearestFirst(...));

        return \array_slice($pairs, 0, self::PAIRS_KEPT);
    }

    /**
     * Nearest first; those that are as good as each other in the order they were ranked.
     *
     * @param list<array{int, CandidateMix}> $pool
     *
     * @return list<array{int, CandidateMix}>
     */
    private static function frontRunners(array $pool, int $count): array
    {
        usort($pool, static fn (array $a, array $b): int => [max(self::ALIKE, $a[1]->near), $a[0]] <=> [max(self::ALIKE, $b[1]->near), $b[0]]);

        return \array_slice($pool, 0, $count);
    }

    /**
     * @param int<0, max> $most
     *
     * @return list<CandidateMix>
     */
    private function ranked(int $most): array
    {
        // Binder adds nothing to a pot's colour but thins it: tried in steps rather than as a corner.
        $binder = !$this->corners->isPot() && [] !== $this->corners->free ? $this->corners->free[0] : null;
        $free = null === $binder ? $this->corners->free : [];
        $all = [];
        foreach (null === $binder ? [0.0] : self::BINDER as $thin) {
            $ranking = new SubsetRanking($this->corners->k, $this->corners->s, $this->target, $this->layer, $free, 1.0 - $thin, $this->goOn);
            foreach ($ranking->best($this->corners->paints, $most, self::KEPT_OF_EACH_COUNT) as $candidate) {
                $all[] = 0.0 === $thin ? $candidate : new CandidateMix(
                    [...$candidate->corners, (int) $binder],
                    [...array_map(static fn (float $s): float => $s * (1.0 - $thin), $candidate->shares), $thin],
                    $candidate->near,
                );
            }
        }
        usort($all, CandidateMix::nearestFirst(...));

        return $all;
    }

    /**
     * The sets that differ by one paint more or another.
     *
     * @param int<0, max> $most
     *
     * @return list<CandidateMix>
     */
    private function neighbours(CandidateMix $candidate, int $most, Refiner $refiner): array
    {
        $used = self::used($candidate);
        $counted = array_values(array_intersect($used->corners, $this->corners->paints));
        $found = [];
        foreach ([...$this->corners->paints, ...$this->corners->free] as $corner) {
            if (\in_array($corner, $used->corners, true) || !($this->goOn)()) {
                continue;
            }
            $sets = [];
            if (\count($counted) < $most || \in_array($corner, $this->corners->free, true)) {
                $sets[] = $used->corners;
            } else {
                foreach ($counted as $out) {
                    $sets[] = array_values(array_diff($used->corners, [$out]));
                }
            }
            foreach ($sets as $set) {
                $next = [...$set, $corner];
                sort($next);
                $shares = [];
                foreach ($next as $c) {
                    $at = array_search($c, $used->corners, true);
                    $shares[] = false === $at ? 0.05 : max(0.01, $used->shares[$at]);
                }
                $sum = array_sum($shares);
                $found[] = new CandidateMix($next, array_map(static fn (float $s): float => $s / $sum, $shares), 0.0);
            }
        }
        $nudged = array_map(static fn (CandidateMix $c): CandidateMix => $refiner->refine($c, 2), $found);
        usort($nudged, CandidateMix::nearestFirst(...));

        return array_map(static fn (CandidateMix $c): CandidateMix => $refiner->refine($c, self::STEPS), \array_slice($nudged, 0, 4));
    }

    /**
     * The first of every set of corners.
     *
     * @param list<CandidateMix> $candidates
     *
     * @return list<CandidateMix>
     */
    private static function distinct(array $candidates): array
    {
        $first = [];
        foreach ($candidates as $candidate) {
            $used = self::used($candidate);
            $first[implode(' ', $used->corners)] ??= $used;
        }

        return array_values($first);
    }

    /** Without the corners that came to nothing. */
    private static function used(CandidateMix $candidate): CandidateMix
    {
        $corners = $shares = [];
        foreach ($candidate->shares as $i => $share) {
            if ($share > 1e-6) {
                $corners[] = $candidate->corners[$i];
                $shares[] = $share;
            }
        }
        array_multisort($corners, $shares);
        $sum = array_sum($shares);

        return new CandidateMix($corners, array_map(static fn (float $s): float => $s / $sum, $shares), $candidate->near);
    }
}
