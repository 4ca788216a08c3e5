<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * What a dried dab of a pot teaches about that pot: how much more or less it absorbs than its drops say, band by band.
 *
 * The K/S that the dab measures ÷ the K/S that the drops predict multiplies K of every mix made from the pot; S stays. A ratio is held within 0.2–5 and is 1
 * where there is too little K/S to tell.
 */
final readonly class Calibration
{
    private const TOO_LITTLE = 1e-6;
    private const LEAST = 0.2;
    private const MOST = 5.0;

    /** @param list<float> $ratio by band */
    private function __construct(public array $ratio)
    {
    }

    /** @param Spectrum $dab an opaque, dried sample */
    public static function of(Mixture $pot, Spectrum $dab): self
    {
        $ratio = [];
        foreach (Saunderson::inside($dab->onGrid()->values) as $i => $r) {
            $measured = $r > 0.0 ? (1.0 - $r) ** 2 / (2.0 * $r) : \INF;
            $predicted = $pot->s[$i] > 0.0 ? $pot->k[$i] / $pot->s[$i] : \INF;
            $ratio[] = $measured < self::TOO_LITTLE || $predicted < self::TOO_LITTLE || \INF === $predicted
                    ? 1.0
                    : max(self::LEAST, min(self::MOST, $measured / $predicted));
        }

        return new self($ratio);
    }

    /** A paint of that pot, with what the whole pot was off by put down to each of its paints alike. */
    public function paint(Paint $paint): Paint
    {
        return Paint::of($paint->id, array_map(static fn (float $k, float $r): float => $k * $r, $paint->absorption, $this->ratio), $paint->scattering);
    }

    public function applied(Mixture $mixture): Mixture
    {
        return $mixture->absorbing($this->ratio);
    }
}
