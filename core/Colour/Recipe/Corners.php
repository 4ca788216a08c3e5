<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;

/**
 * What a mix is made of, as corners whose shares add up to 1.
 *
 * An empty pot: every corner is a paint, its share the share of the drops. A pot that holds P drops and has room for C: corner 0 is the pot as it is, every
 * other corner the pot filled up to C with one paint. So nothing can be taken out and nothing spills, whatever the shares.
 */
final readonly class Corners
{
    /**
     * @param list<string>      $ids      paint of a corner; empty for the pot itself
     * @param list<list<float>> $k
     * @param list<list<float>> $s
     * @param int               $held     drops that are in the pot
     * @param int               $capacity 0 for an empty pot
     * @param list<int>         $paints   corners that count as paints
     * @param list<int>         $free     corners that do not: the pot itself, clear binder
     */
    private function __construct(
        public array $ids,
        public array $k,
        public array $s,
        public int $held,
        public int $capacity,
        public array $paints,
        public array $free,
    ) {
    }

    /** @param list<Paint> $paints */
    public static function empty(array $paints, bool $binder): self
    {
        $coloured = array_values(array_filter($paints, static fn (Paint $p): bool => Paint::CLEAR_BINDER !== $p->id));
        $all = $binder ? [...$coloured, Paint::clearBinder()] : $coloured;

        return new self(
            array_map(static fn (Paint $p): string => $p->id, $all),
            array_map(static fn (Paint $p): array => $p->absorption, $all),
            array_map(static fn (Paint $p): array => $p->scattering, $all),
            0,
            0,
            array_keys($coloured),
            $binder ? [\count($coloured)] : [],
        );
    }

    /**
     * @param list<Paint>      $paints
     * @param list<float>|null $ratio  multiplies K of every mix that is made from the pot, band by band
     */
    public static function ofPot(Mixture $pot, int $capacity, array $paints, bool $binder, ?array $ratio): self
    {
        $held = (int) round($pot->total);
        $floor = $held / $capacity;
        $ratio ??= array_fill(0, Spectrum::BANDS, 1.0);
        $ids = [''];
        $k = [self::times($pot->k, $ratio)];
        $s = [$pot->s];
        $counted = [];
        $free = [0];
        if ($held < $capacity) {
            foreach ($binder ? [...$paints, Paint::clearBinder()] : $paints as $paint) {
                if (Paint::CLEAR_BINDER === $paint->id) {
                    if (!$binder || \in_array(Paint::CLEAR_BINDER, $ids, true)) {
                        continue;
                    }
                    $free[] = \count($ids);
                } else {
                    $counted[] = \count($ids);
                }
                $ids[] = $paint->id;
                $k[] = self::times(self::filled($pot->k, $paint->absorption, $floor), $ratio);
                $s[] = self::filled($pot->s, $paint->scattering, $floor);
            }
        }

        return new self($ids, $k, $s, $held, $capacity, $counted, $free);
    }

    public function isPot(): bool
    {
        return $this->held > 0;
    }

    /**
     * @param list<int> $corners of a candidate; corner 0 first for a pot
     * @param list<int> $drops   of every corner but the pot
     *
     * @return list<float>
     */
    public function shares(array $corners, array $drops): array
    {
        $total = $this->held + array_sum($drops);
        if (!$this->isPot()) {
            return array_map(static fn (int $d): float => $d / $total, $drops);
        }
        $floor = $this->held / $this->capacity;
        if ($floor >= 1.0) {
            return [1.0];
        }
        $shares = [($this->held / $total - $floor) / (1.0 - $floor)];
        foreach ($drops as $d) {
            $shares[] = $d / $total / (1.0 - $floor);
        }

        return $shares;
    }

    /**
     * Drops, in fractions, that make these shares when all drops are so many.
     *
     * @param list<float> $shares
     *
     * @return list<float> of every corner but the pot
     */
    public function drops(array $shares, int $total): array
    {
        if (!$this->isPot()) {
            return array_map(static fn (float $s): float => $s * $total, $shares);
        }
        $added = \array_slice($shares, 1);
        $sum = array_sum($added);

        return array_map(fn (float $s): float => $sum > 0.0 ? $s / $sum * ($total - $this->held) : 0.0, $added);
    }

    /**
     * All drops at which a pot has just these shares; for an empty pot any number does.
     *
     * @param list<float> $shares
     */
    public function total(array $shares): float
    {
        $floor = $this->held / $this->capacity;

        return $this->held / ($floor + (1.0 - $floor) * $shares[0]);
    }

    /**
     * @param list<float> $values
     * @param list<float> $ratio
     *
     * @return list<float>
     */
    private static function times(array $values, array $ratio): array
    {
        return array_map(static fn (float $v, float $r): float => $v * $r, $values, $ratio);
    }

    /**
     * @param list<float> $inPot
     * @param list<float> $paint
     *
     * @return list<float>
     */
    private static function filled(array $inPot, array $paint, float $floor): array
    {
        return array_map(static fn (float $p, float $v): float => $floor * $p + (1.0 - $floor) * $v, $inPot, $paint);
    }
}
