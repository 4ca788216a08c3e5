<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** Several readings of one place: their mean without those that lie apart, and how far the rest scatter. */
final readonly class MeasuredSet
{
    /** A reading this far from the middle one lies apart, or this many times the usual distance. */
    private const APART_DE = 1.5;
    private const APART_TIMES = 3.0;

    /**
     * @param list<int> $apart  of those given, in their order
     * @param float     $spread ΔE00 from the mean, on average over those that count
     */
    private function __construct(public ?Spectrum $spectrum, public Lab $lab, public array $apart, public float $spread)
    {
    }

    /**
     * @param non-empty-list<Spectrum|Lab> $readings all of one kind
     *
     * @throws ColourError when spectra and colours are mixed
     */
    public static function of(array $readings): self
    {
        $light = Light::daylight();
        $spectra = array_values(array_filter($readings, static fn (Spectrum|Lab $r): bool => $r instanceof Spectrum));
        if ([] !== $spectra && \count($spectra) !== \count($readings)) {
            throw new ColourError(Message::of('Spectra and L*a*b* cannot be averaged with each other.'));
        }
        $labs = array_map(static fn (Spectrum|Lab $r): Lab => $r instanceof Spectrum ? $light->lab($r) : $r, $readings);
        $apart = self::apart($labs);
        $kept = array_values(array_diff(array_keys($labs), $apart));
        $mean = null;
        if ([] !== $spectra) {
            $grids = array_map(static fn (Spectrum $s): array => $s->onGrid()->values, $spectra);
            $mean = Spectrum::grid(
                array_map(
                    static fn (int $band): float => array_sum(array_map(static fn (int $i): float => $grids[$i][$band], $kept)) / \count($kept),
                    range(0, Spectrum::BANDS - 1),
                ),
            );
        }
        $lab = null === $mean ? self::middle(array_map(static fn (int $i): Lab => $labs[$i], $kept)) : $light->lab($mean);
        $spread = array_sum(array_map(static fn (int $i): float => Difference::ciede2000($lab, $labs[$i]), $kept)) / \count($kept);

        return new self($mean, $lab, $apart, $spread);
    }

    /**
     * Far from the middlemost reading: beyond 1.5, and beyond three times the usual distance. Two readings cannot tell which is wrong.
     *
     * @param non-empty-list<Lab> $labs
     *
     * @return list<int>
     */
    private static function apart(array $labs): array
    {
        if (\count($labs) < 3) {
            return [];
        }
        $best = [];
        $least = \INF;
        foreach ($labs as $lab) {
            $distances = array_map(static fn (Lab $other): float => Difference::ciede2000($lab, $other), $labs);
            if (array_sum($distances) < $least) {
                $least = array_sum($distances);
                $best = $distances;
            }
        }
        $sorted = $best;
        sort($sorted);
        $usual = $sorted[intdiv(\count($sorted), 2)];
        $limit = max(self::APART_DE, self::APART_TIMES * $usual);

        return array_keys(array_filter($best, static fn (float $d): bool => $d > $limit));
    }

    /** @param list<Lab> $labs at least one */
    private static function middle(array $labs): Lab
    {
        $l = $a = $b = 0.0;
        foreach ($labs as $lab) {
            $l += $lab->lightness / \count($labs);
            $a += $lab->a / \count($labs);
            $b += $lab->b / \count($labs);
        }

        return Lab::computed($l, $a, $b);
    }
}
