<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** Predicts coats of a pot over a real ground: how many cover, and whether a base under them saves any. */
final readonly class Coats
{
    public const MOST = 60;
    private const MOST_BASE_COATS = 4;

    /**
     * @param float $perCoat   thickness of one coat of colour, in coats of 20 µm dry
     * @param float $tolerance it covers when one more coat would change the colour by less, in ΔE00
     * @param int   $most      coats of colour to try, at most 60
     * @param Gloss $finish    under which the coats are compared; a mirror shows the film itself
     */
    public function __construct(
        private float $perCoat,
        private float $tolerance,
        private int $most,
        private Light $light,
        private Gloss $finish = Gloss::Mirror,
    ) {
    }

    public function over(Mixture $pot, Spectrum $ground): CoatLadder
    {
        return $this->climb($pot, Saunderson::inside($ground->onGrid()->values), 0, 0.0);
    }

    /** The base with the fewest coats in all, 1 to 4 of them under the colour; null where none of them lets the colour cover. */
    public function overBase(Mixture $pot, Spectrum $ground, Paint $base, float $perBaseCoat): ?CoatLadder
    {
        $inside = Saunderson::inside($ground->onGrid()->values);
        $best = null;
        for ($n = 1; $n <= self::MOST_BASE_COATS; ++$n) {
            $based = Film::reflectance($base->absorption, $base->scattering, $inside, $n * $perBaseCoat);
            $ladder = $this->climb($pot, $based, $n, $n * $perBaseCoat);
            if (null !== $ladder->coats && (null === $best || $ladder->all() < $best->all())) {
                $best = $ladder;
            }
        }

        return $best;
    }

    public function opaque(Mixture $pot): Lab
    {
        return $this->seen($pot->look());
    }

    private function seen(Spectrum $film): Lab
    {
        return $this->light->lab(Sheen::moved($film, Gloss::Mirror, $this->finish));
    }

    /** @param list<float> $ground internal reflectance under the first coat of colour */
    private function climb(Mixture $pot, array $ground, int $baseCoats, float $under): CoatLadder
    {
        $opaque = $this->opaque($pot);
        $lab = fn (int $n): Lab => $this->seen(Spectrum::grid(Saunderson::measured(Film::reflectance($pot->k, $pot->s, $ground, $n * $this->perCoat))));
        $before = $lab(0);
        $now = $lab(1);
        $steps = [];
        $coats = null;
        for ($n = 1; $n <= $this->most; ++$n) {
            $steps[] = new CoatStep($n, $now, Difference::ciede2000($before, $now), Difference::ciede2000($now, $opaque));
            $next = $lab($n + 1);
            if (Difference::ciede2000($now, $next) < $this->tolerance) {
                $coats = $n;

                break;
            }
            $before = $now;
            $now = $next;
        }

        return new CoatLadder($baseCoats, $coats, Paint::COAT_UM * ($under + \count($steps) * $this->perCoat), $steps);
    }
}
