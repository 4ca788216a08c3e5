<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/**
 * What is in a pot: drops of equal volume of paints, and with them its K and S, K = Σ cᵢKᵢ and S = Σ cᵢSᵢ with c the share of the drops (Duncan 1940).
 *
 * Drops may be fractions here; in a pot they are whole.
 */
final readonly class Mixture
{
    /**
     * @param array<string, float> $drops
     * @param list<float>          $k
     * @param list<float>          $s
     */
    private function __construct(public array $drops, public float $total, public array $k, public array $s)
    {
    }

    /**
     * @param array<string, Paint>     $paints by id; `clear-binder` need not be among them
     * @param array<string, int|float> $drops  by paint
     *
     * @throws ColourError when a paint is missing, drops are negative or there are none at all
     */
    public static function of(array $paints, array $drops): self
    {
        $total = 0.0;
        $k = $s = array_fill(0, Spectrum::BANDS, 0.0);
        $counted = [];
        foreach ($drops as $id => $count) {
            $id = (string) $id;
            $paint = $paints[$id] ?? (Paint::CLEAR_BINDER === $id ? Paint::clearBinder() : throw new ColourError(Message::of('There is no paint “%s”.', $id)));
            if (!is_finite((float) $count) || $count < 0) {
                throw new ColourError(Message::of('Drops are numbers of at least 0.'));
            }
            $total += $count;
            $counted[$id] = (float) $count;
            foreach ($paint->absorption as $i => $ki) {
                $k[$i] += $count * $ki;
                $s[$i] += $count * $paint->scattering[$i];
            }
        }
        if ($total <= 0.0) {
            throw new ColourError(Message::of('A pot needs drops.'));
        }

        $share = static fn (float $v): float => $v / $total;

        return new self($counted, $total, array_map($share, array_values($k)), array_map($share, array_values($s)));
    }

    /**
     * The same drops with K times a ratio, band by band.
     *
     * @param list<float> $ratio
     */
    public function absorbing(array $ratio): self
    {
        return new self($this->drops, $this->total, array_map(static fn (float $k, float $r): float => $k * $r, $this->k, $ratio), $this->s);
    }

    public function isClear(): bool
    {
        return 0.0 === array_sum($this->k) + array_sum($this->s);
    }

    /** @throws ColourError when the film is opaque and of nothing but clear binder */
    public function look(?Spectrum $ground = null, ?float $thickness = null): Spectrum
    {
        if (null === $thickness && $this->isClear()) {
            throw new ColourError(Message::of('Clear binder alone makes no opaque film.'));
        }
        $inside = null === $ground ? null : Saunderson::inside($ground->onGrid()->values);

        return Spectrum::grid(Saunderson::measured(Film::reflectance($this->k, $this->s, $inside, $thickness)));
    }

    public function contrastRatio(?float $thickness, Light $light): float
    {
        return Film::contrastRatio($this->k, $this->s, $thickness, $light);
    }
}
