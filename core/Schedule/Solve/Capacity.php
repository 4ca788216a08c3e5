<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Minutes of work that can be done up to a minute, from now on: rising, as fast as there are hands. */
final readonly class Capacity
{
    /** @param non-empty-list<array{int, int, int}> $pieces from which minute on, how much until then, and how much a minute from then on */
    private function __construct(private array $pieces)
    {
    }

    /**
     * @param iterable<array{int, int}> $stretches when somebody is here, those of several people one after the other
     * @param int                       $most      that can work at once
     */
    public static function of(iterable $stretches, int $most = \PHP_INT_MAX): self
    {
        $changes = [];
        foreach ($stretches as [$from, $until]) {
            $from = max(0, $from);
            $until = max(0, $until);
            $changes[$from] = ($changes[$from] ?? 0) + 1;
            $changes[$until] = ($changes[$until] ?? 0) - 1;
        }
        ksort($changes);
        [$at, $sum, $here] = [0, 0, 0];
        $pieces = [[0, 0, 0]];
        foreach ($changes as $minute => $change) {
            $sum += min($most, $here) * ($minute - $at);
            $here += $change;
            $at = $minute;
            $pieces[] = [$at, $sum, min($most, $here)];
        }

        return new self($pieces);
    }

    /** One place that is there at any hour. */
    public static function always(): self
    {
        return new self([[0, 0, 1]]);
    }

    public function until(int $minute): int
    {
        $low = 0;
        $high = \count($this->pieces);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->pieces[$middle][0] <= $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        [$at, $sum, $rate] = $this->pieces[max(0, $low - 1)];

        return $sum + $rate * max(0, $minute - $at);
    }

    /**
     * When so much can have been done; the last minute that is known, where it never can.
     *
     * @param list<int> $amounts rising
     *
     * @return list<float> for each
     */
    public function when(array $amounts): array
    {
        $at = [];
        $k = 0;
        $last = \count($this->pieces) - 1;
        foreach ($amounts as $amount) {
            while ($k < $last && $this->pieces[$k + 1][1] < $amount) {
                ++$k;
            }
            [$minute, $sum, $rate] = $this->pieces[$k];
            $at[] = (float) ($rate > 0 ? $minute + ($amount - $sum) / $rate : $minute);
        }

        return $at;
    }
}
