<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Learning;

/**
 * What going from piece to piece really took, from when steps ended and the next began: the middle of what was seen, drawn towards what is usual as if that had
 * been seen a few times as well. Longer pauses are no setting down, but a wait or a cup of tea.
 */
final readonly class Gaps
{
    private const LONGEST_SECONDS = 900;
    private const PRIOR = 6;

    /**
     * @param list<float> $switches  minutes before a step on another piece
     * @param list<float> $handovers minutes before a step on another piece that somebody else had last
     */
    private function __construct(public array $switches, public array $handovers)
    {
    }

    /**
     * @param list<array{int, int, int, int}> $steps person, piece, start and end in seconds, in the order of their start
     */
    public static function between(array $steps): self
    {
        $last = $hadBy = [];
        $switches = $handovers = [];
        foreach ($steps as [$person, $piece, $start, $end]) {
            [$before, $until] = $last[$person] ?? [$piece, $start];
            $gap = $start - $until;
            if ($before !== $piece && $gap >= 0 && $gap <= self::LONGEST_SECONDS) {
                ($hadBy[$piece] ?? $person) === $person ? $switches[] = $gap / 60.0 : $handovers[] = $gap / 60.0;
            }
            $last[$person] = [$piece, $end];
            $hadBy[$piece] = $person;
        }

        return new self($switches, $handovers);
    }

    /** @return int|null whole minutes that going on with another piece takes; null where it was never seen */
    public function switchMinutes(int $usual): ?int
    {
        return self::middle($this->switches, (float) $usual);
    }

    /**
     * @param int $switch what going on with another piece takes by itself
     *
     * @return int|null whole minutes that it takes more where somebody else had it last; null where that was never seen
     */
    public function handoverMinutes(int $usual, int $switch): ?int
    {
        return self::middle(array_map(static fn (float $g): float => max(0.0, $g - $switch), $this->handovers), (float) $usual);
    }

    /** @param list<float> $seen */
    private static function middle(array $seen, float $usual): ?int
    {
        return [] === $seen ? null : (int) round(Learned::median([...$seen, ...array_fill(0, self::PRIOR, $usual)]));
    }
}
