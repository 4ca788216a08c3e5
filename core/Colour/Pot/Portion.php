<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Text\Message;

/** An amount of one paint as hands count it in: by drops, by a measure and then drops, or on the scales, whichever is fewest to count. */
final readonly class Portion
{
    /** So many drops are counted as they fall, and more finely than any measure shows. */
    private const FEW = 60;
    /** Filling a measure to its mark, and weighing, are as much to do as so many drops. */
    private const MEASURED = 12;
    private const WEIGHED = 24;
    /** A scale that shows tenths is off by half of one: above this that is less than half in a hundred. */
    private const LEAST_G = 10.0;
    private const SCALE_G = 0.1;

    /**
     * @param float $amount whole ml or tenths of a gram; nothing where it is counted by drops alone
     * @param int   $drops  to be counted after that
     */
    private function __construct(public CountBy $by, public float $amount, public int $drops)
    {
    }

    /**
     * @param int        $drops   of this pot, 0 and more
     * @param float      $dropMl  a drop of this pot
     * @param float|null $density g/ml; null where it is not known
     */
    public static function of(int $drops, float $dropMl, ?float $density): self
    {
        $best = new self(CountBy::Drops, 0.0, $drops);
        $least = $drops;
        $ml = floor($drops * $dropMl + 1e-9);
        $rest = $drops - (int) round($ml / $dropMl);
        if ($drops <= self::FEW) {
            return $best;
        }
        if ($ml >= 1.0 && self::MEASURED + max(0, $rest) < $least) {
            $best = new self(CountBy::Millilitres, $ml, max(0, $rest));
            $least = self::MEASURED + max(0, $rest);
        }
        $grams = null === $density ? 0.0 : round($drops * $dropMl * $density / self::SCALE_G) * self::SCALE_G;
        if ($grams >= self::LEAST_G && self::WEIGHED < $least) {
            $best = new self(CountBy::Grams, $grams, 0);
        }

        return $best;
    }

    /** Drops of a pot in so many millilitres or grams that went in. */
    public static function drops(CountBy $by, float $amount, float $dropMl, ?float $density): int
    {
        return (int) round(match ($by) {
            CountBy::Drops => $amount,
            CountBy::Millilitres => $amount / $dropMl,
            CountBy::Grams => $amount / ($density ?? 1.0) / $dropMl,
        });
    }

    /** Without the drops: nothing where all of it is drops. */
    public function measured(): string
    {
        return match ($this->by) {
            CountBy::Drops => '',
            CountBy::Millilitres => Message::of('%d ml', (int) $this->amount),
            CountBy::Grams => Message::of('%.1f g', $this->amount),
        };
    }

    /** “60 ml, then 14 drops”, “41.5 g”, “9 drops”. */
    public function words(): string
    {
        $drops = Message::of(1 === $this->drops ? '%d drop' : '%d drops', $this->drops);

        return match (true) {
            CountBy::Drops === $this->by => $drops,
            0 === $this->drops => $this->measured(),
            default => Message::of('%s, then %s', $this->measured(), $drops),
        };
    }
}
