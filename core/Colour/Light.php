<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * An illuminant seen by an observer: turns reflectance into colour.
 *
 * XYZ = k · Σ S(λ)·cmf(λ)·R(λ) over 380–730 nm by 5 nm, k = 100 / Σ S·ȳ (CIE 015:2018, 7.1). As the reflectance between two bands is linear,
 * the sum over the grid of films is one weight a band, worked out once.
 */
final class Light
{
    /** @var array<string, self> */
    private static array $made = [];

    /**
     * @param list<list<float>> $sum S·cmf·k on the table's own grid, for X, Y and Z
     * @param list<float>       $x   weights on the grid of films
     * @param list<float>       $y
     * @param list<float>       $z
     */
    private function __construct(
        public readonly Illuminant $illuminant,
        public readonly Observer $observer,
        public readonly Tristimulus $white,
        private readonly array $sum,
        public readonly array $x,
        public readonly array $y,
        public readonly array $z,
    ) {
    }

    public static function daylight(): self
    {
        return self::of(Illuminant::D65);
    }

    public static function of(Illuminant $illuminant, Observer $observer = Observer::TwoDegrees): self
    {
        return self::$made[$illuminant->value.$observer->value] ??= self::make($illuminant, $observer);
    }

    public function xyz(Spectrum $spectrum): Tristimulus
    {
        $x = $y = $z = 0.0;
        if ($spectrum->isOnGrid()) {
            foreach ($spectrum->values as $i => $r) {
                $x += $this->x[$i] * $r;
                $y += $this->y[$i] * $r;
                $z += $this->z[$i] * $r;
            }

            return new Tristimulus($x, $y, $z);
        }
        foreach ($this->sum[0] as $i => $weight) {
            $r = $spectrum->at(ColorimetryTable::START_NM + ColorimetryTable::STEP_NM * $i);
            $x += $weight * $r;
            $y += $this->sum[1][$i] * $r;
            $z += $this->sum[2][$i] * $r;
        }

        return new Tristimulus($x, $y, $z);
    }

    public function lab(Spectrum $spectrum): Lab
    {
        return $this->xyz($spectrum)->toLab($this->white);
    }

    /** `#rrggbb` of a colour as it is seen under this light, shown on a screen. */
    public function hex(Lab $lab): string
    {
        return $this->srgb($lab)->hex();
    }

    public function srgb(Lab $lab): Srgb
    {
        return Srgb::of(Tristimulus::ofLab($lab, $this->white), $this->white);
    }

    private static function make(Illuminant $illuminant, Observer $observer): self
    {
        $power = ColorimetryTable::POWER[$illuminant->value];
        $matching = ColorimetryTable::MATCHING[$observer->value];
        $luminous = 0.0;
        foreach ($power as $i => $watts) {
            $luminous += $watts * $matching[1][$i];
        }
        $k = 100.0 / $luminous;
        $white = [0.0, 0.0, 0.0];
        $sum = [[], [], []];
        $grid = array_fill(0, 3, array_fill(0, Spectrum::BANDS, 0.0));
        foreach ($power as $i => $watts) {
            $nm = ColorimetryTable::START_NM + ColorimetryTable::STEP_NM * $i;
            $place = max(0.0, min(Spectrum::BANDS - 1.0, ($nm - Spectrum::START_NM) / Spectrum::STEP_NM));
            /** @var int<0, 29> $band */
            $band = min(Spectrum::BANDS - 2, (int) $place);
            $share = $place - $band;
            for ($channel = 0; $channel < 3; ++$channel) {
                $weight = $k * $watts * $matching[$channel][$i];
                $sum[$channel][] = $weight;
                $white[$channel] += $weight;
                $grid[$channel][$band] += $weight * (1.0 - $share);
                $grid[$channel][$band + 1] += $weight * $share;
            }
        }

        return new self($illuminant, $observer, new Tristimulus($white[0], $white[1], $white[2]), $sum, $grid[0], $grid[1], $grid[2]);
    }
}
