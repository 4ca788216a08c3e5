<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;

/**
 * What the dabs of earlier pots say of the paints they were mixed from: each promised a colour by its drops and showed another.
 *
 * By band, what a pot absorbed ÷ what its drops said is laid to its paints by their share of the drops; the mean logarithm of a paint is drawn towards
 * none by as much evidence as two pots of that paint alone (shrinkage, Morris 1983), and held within a quarter either way.
 */
final readonly class PaintEvidence
{
    /** Pots of one paint alone that weigh as much as what the shelf says. */
    private const SHELF = 2.0;
    private const MOST = 0.25;

    /** @param array<string, list<float>> $ratio of K, by paint and band */
    private function __construct(private array $ratio)
    {
    }

    /**
     * @param list<Dab>            $dabs   that an instrument read
     * @param array<string, Paint> $paints by id, as the shelf says they are
     */
    public static function of(array $dabs, array $paints): self
    {
        $weight = $sum = [];
        foreach ($dabs as $dab) {
            // What an eye said is no measure, and of a paint that is gone nothing can be promised.
            if (null !== $dab->eye || [] !== array_diff_key($dab->drops, $paints) || 0 === array_sum($dab->drops)) {
                continue;
            }
            $ratio = $dab->teaches($paints)->ratio;
            foreach ($dab->drops as $paint => $count) {
                $share = $count / array_sum($dab->drops);
                $weight[$paint] = ($weight[$paint] ?? 0.0) + $share;
                foreach ($ratio as $band => $r) {
                    $sum[$paint][$band] = ($sum[$paint][$band] ?? 0.0) + $share * log($r);
                }
            }
        }
        $ratios = [];
        foreach ($sum as $paint => $bands) {
            $ratios[$paint] = array_map(
                static fn (float $s): float => exp(max(-self::MOST, min(self::MOST, $s / ($weight[$paint] + self::SHELF)))),
                array_values($bands),
            );
        }

        return new self($ratios);
    }

    /** @param array<string, list<float>> $ratio of K, by paint and band, as {@see ratios()} gave them */
    public static function known(array $ratio): self
    {
        return new self(array_filter($ratio, static fn (array $r): bool => Spectrum::BANDS === \count($r)));
    }

    /** @return array<string, list<float>> of K, by paint and band; none for a paint of which nothing is known */
    public function ratios(): array
    {
        return $this->ratio;
    }

    /** A paint as it has shown itself. */
    public function applied(Paint $paint): Paint
    {
        $ratio = $this->ratio[$paint->id] ?? null;

        return null === $ratio ? $paint
            : Paint::of($paint->id, array_map(static fn (float $k, float $r): float => $k * $r, $paint->absorption, $ratio), $paint->scattering);
    }
}
