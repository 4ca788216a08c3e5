<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Text\Message;

/**
 * From the best shares to the best whole drops: every pot size, every way to round to it, weighed by the slopes at the best shares; the most promising mixed,
 * and from there one drop more, less or other as long as it helps.
 */
final class WholeDrops
{
    private const MIXED = 4;
    private const CLIMBED = 2;
    private const SIZES = 80;
    private const AROUND = 8;
    private const ROUNDS = 12;

    /** @var array<string, Tally> */
    private array $seen = [];

    public function __construct(private readonly MixModel $model, private readonly Corners $corners, private readonly PotSize $size)
    {
    }

    /** @return list<Tally> everything that was mixed so far */
    public function all(): array
    {
        return array_values($this->seen);
    }

    /** @throws ColourError when nothing was mixed */
    public function nearest(): Tally
    {
        $nearest = null;
        foreach ($this->seen as $tally) {
            if (null === $nearest || $tally->near < $nearest->near) {
                $nearest = $tally;
            }
        }

        return $nearest ?? throw new ColourError(Message::of('No pot of that size can be mixed.'));
    }

    public function round(CandidateMix $best): void
    {
        $corners = $best->corners;
        $shares = $best->shares;
        if ($this->corners->isPot() && 0 !== $corners[0]) {
            array_unshift($corners, 0);
            array_unshift($shares, 0.0);
        }
        if ($this->corners->isPot() && 1 === \count($corners)) {
            $this->mix($corners, []);

            return;
        }
        if (!$this->corners->isPot() && 1 === \count($corners)) {
            $this->mix($corners, [$this->size->min]);

            return;
        }
        $ways = [];
        [, $residuals, $slopes] = $this->model->slopes($corners, $shares);
        foreach ($this->sizes($shares) as $total) {
            foreach (self::roundings($this->corners->drops($shares, $total), $total - $this->corners->held) as $drops) {
                $sum = 0.0;
                $then = $this->corners->shares($corners, $drops);
                $moves = [];
                foreach ($then as $i => $share) {
                    $moves[] = $share - $shares[$i];
                }
                foreach ($residuals as $r => $value) {
                    foreach ($moves as $i => $move) {
                        $value += $slopes[$i][$r] * $move;
                    }
                    $sum += $value * $value;
                }
                $ways[] = [$sum, $drops];
            }
        }
        usort($ways, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $mixed = [];
        foreach (\array_slice($ways, 0, self::MIXED) as [, $drops]) {
            $mixed[] = [$this->mix($corners, $drops), $drops];
        }
        usort($mixed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach (\array_slice($mixed, 0, self::CLIMBED) as [$near, $drops]) {
            $this->climb($corners, $drops, $near);
        }
    }

    /**
     * One drop at a time from the nearest mixes so far, of any paint there is.
     *
     * @param list<int> $others corners that may come in
     */
    public function widen(array $others, int $most, int $count): void
    {
        $nearest = $this->all();
        usort($nearest, static fn (Tally $a, Tally $b): int => $a->near <=> $b->near);
        foreach (\array_slice($nearest, 0, $count) as $tally) {
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $before = $tally;
                $full = \count(array_intersect(array_keys($before->drops), $others)) >= $most;
                foreach ([-1, ...array_keys($before->drops)] as $out) {
                    foreach ([-1, ...$others] as $in) {
                        if ($out === $in || $full && $in >= 0 && !isset($before->drops[$in]) && !($out >= 0 && 1 === $before->drops[$out])) {
                            continue;
                        }
                        $drops = $before->drops;
                        if ($out >= 0) {
                            --$drops[$out];
                        }
                        if ($in >= 0) {
                            $drops[$in] = ($drops[$in] ?? 0) + 1;
                        }
                        $total = $this->corners->held + array_sum($drops);
                        if ($total < $this->size->min || $total > $this->size->max) {
                            continue;
                        }
                        $then = $this->tally($drops);
                        if ($then->near < $tally->near - 1e-6) {
                            $tally = $then;
                        }
                    }
                }
                if ($before === $tally) {
                    break;
                }
            }
        }
    }

    /** Fewer drops, as long as the mix stays within so much. */
    public function spare(Tally $from, float $limit): void
    {
        $corners = [0, ...array_keys($from->drops)];
        $drops = array_values($from->drops);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $best = null;
            foreach ($drops as $i => $count) {
                if (0 === $count) {
                    continue;
                }
                $fewer = $drops;
                --$fewer[$i];
                $ways = [$fewer];
                foreach ($drops as $j => $other) {
                    if ($j !== $i && $other > 0) {
                        $less = $fewer;
                        --$less[$j];
                        $ways[] = $less;
                    }
                }
                foreach ($ways as $way) {
                    $way = array_values($way);
                    $near = $this->mix($corners, $way);
                    if (
                        $near <= $limit
                        && (null === $best || array_sum($way) < array_sum($best[1]) || (array_sum($way) === array_sum($best[1]) && $near < $best[0]))
                    ) {
                        $best = [$near, $way];
                    }
                }
            }
            if (null === $best) {
                return;
            }
            $drops = $best[1];
        }
    }

    /**
     * @param list<int> $corners
     * @param list<int> $drops
     */
    private function climb(array $corners, array $drops, float $near): void
    {
        $n = \count($drops);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $moved = $drops;
            for ($i = -1; $i < $n; ++$i) {
                for ($j = -1; $j < $n; ++$j) {
                    if ($i === $j || $i >= 0 && 0 === $drops[$i]) {
                        continue;
                    }
                    $next = $drops;
                    if ($i >= 0) {
                        --$next[$i];
                    }
                    if ($j >= 0) {
                        ++$next[$j];
                    }
                    $total = $this->corners->held + array_sum($next);
                    if ($total < $this->size->min || $total > $this->size->max) {
                        continue;
                    }
                    $then = $this->mix($corners, array_values($next));
                    if ($then < $near - 1e-6) {
                        $near = $then;
                        $moved = array_values($next);
                    }
                }
            }
            if ($moved === $drops) {
                return;
            }
            $drops = $moved;
        }
    }

    /**
     * @param list<int> $corners
     * @param list<int> $drops
     */
    private function mix(array $corners, array $drops): float
    {
        $paints = $this->corners->isPot() ? \array_slice($corners, 1) : $corners;
        $counted = [];
        foreach ($paints as $i => $corner) {
            if ($drops[$i] > 0) {
                $counted[$corner] = $drops[$i];
            }
        }

        return $this->tally($counted)->near;
    }

    /** @param array<int, int> $drops by corner */
    private function tally(array $drops): Tally
    {
        $drops = array_filter($drops);
        ksort($drops);
        $key = json_encode($drops, \JSON_THROW_ON_ERROR);
        if (!isset($this->seen[$key])) {
            $corners = array_keys($drops);
            if ($this->corners->isPot()) {
                array_unshift($corners, 0);
            }
            $near = [] === $corners ? \INF : $this->model->difference($corners, $this->corners->shares($corners, array_values($drops)));
            $this->seen[$key] = new Tally($drops, $this->corners->held + array_sum($drops), $near);
        }

        return $this->seen[$key];
    }

    /**
     * Pot sizes worth a look.
     *
     * @param list<float> $shares
     *
     * @return list<int>
     */
    private function sizes(array $shares): array
    {
        $from = $this->size->min;
        $to = $this->size->max;
        if ($this->corners->isPot()) {
            $middle = (int) round($this->corners->total($shares));
            $from = max($from, $middle - self::AROUND);
            $to = min($to, $middle + self::AROUND);
        }
        $step = max(1, intdiv($to - $from, self::SIZES) + 1);

        return 1 === $step ? range($from, $to) : [...range($from, $to, $step), $to];
    }

    /**
     * Each count rounded down or up so that they add up to the sum.
     *
     * @param list<float> $drops
     *
     * @return list<list<int>>
     */
    private static function roundings(array $drops, int $sum): array
    {
        $down = array_map(static fn (float $d): int => (int) floor($d + 1e-9), $drops);
        $up = $sum - array_sum($down);
        $n = \count($drops);
        $ways = [];
        for ($mask = 0, $all = 1 << $n; $mask < $all; ++$mask) {
            $bits = 0;
            $way = $down;
            for ($i = 0; $i < $n; ++$i) {
                if (0 !== ($mask >> $i & 1)) {
                    ++$bits;
                    ++$way[$i];
                }
            }
            if ($bits === $up) {
                $ways[] = array_values($way);
            }
        }

        return $ways;
    }
}
