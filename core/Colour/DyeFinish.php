<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * What a finish makes of dyed leather: it deepens the dye below it (a film couples the light in), and its shine takes the pale veil off bare leather.
 *
 * Deepening multiplies K/S of the dyed leather. Until readings have taught it, resin darkens blues most: these are figures for planning.
 */
final readonly class DyeFinish
{
    public const USUAL = 1.1;
    public const USUAL_OF_BLUES = 1.25;
    /** A figure for planning counts as much as so many readings. */
    private const WORTH = 2.0;
    private const BLUES_FROM = 215.0;
    private const BLUES_TO = 310.0;

    /** @param array<string, float> $deepens by dye, as readings have taught it; the rest as usual */
    public function __construct(public Gloss $gloss, private array $deepens = [])
    {
    }

    /** @param list<array{Dye, float}> $layers dyes with their uptake, by which their shares count */
    public function over(Spectrum $dyed, array $layers): Spectrum
    {
        $all = array_sum(array_column($layers, 1));
        $factor = 0.0;
        foreach ($layers as [$dye, $uptake]) {
            $factor += $uptake / max(1e-9, $all) * ($this->deepens[$dye->id] ?? self::usual($dye));
        }
        $deeper = $all > 0.0 ? self::deeper($dyed, $factor) : $dyed;

        return Sheen::moved($deeper, Gloss::Matt, $this->gloss);
    }

    /**
     * By how much a finish deepened a place, from what was read before and after it; between half and three times.
     *
     * @param Spectrum $before bare and dry
     * @param Spectrum $after  finished and dry
     */
    public static function deepened(Spectrum $before, Spectrum $after, Gloss $gloss): float
    {
        $bare = self::absorbed($before);
        $finished = self::absorbed(Sheen::moved($after, $gloss, Gloss::Matt));

        return max(0.5, min(3.0, array_sum($finished) / max(1e-9, array_sum($bare))));
    }

    /**
     * What readings of one dye have taught, drawn toward what is usual by how few they are.
     *
     * @param non-empty-list<float> $seen of {@see deepened()}
     */
    public static function learned(Dye $dye, array $seen): float
    {
        return (array_sum($seen) + self::WORTH * self::usual($dye)) / (\count($seen) + self::WORTH);
    }

    public static function usual(Dye $dye): float
    {
        $lab = Light::daylight()->lab(DyedLeather::look(Spectrum::grid(array_fill(0, Spectrum::BANDS, 0.8)), [[$dye, 1.0]]));
        $hue = fmod(rad2deg(atan2($lab->b, $lab->a)) + 360.0, 360.0);

        return $hue >= self::BLUES_FROM && $hue <= self::BLUES_TO ? self::USUAL_OF_BLUES : self::USUAL;
    }

    private static function deeper(Spectrum $dyed, float $factor): Spectrum
    {
        return Spectrum::grid(Saunderson::measured(array_map(static function (float $q) use ($factor): float {
            $q *= $factor;

            return 1.0 / (1.0 + $q + sqrt($q * $q + 2.0 * $q));
        }, self::absorbed($dyed))));
    }

    /** @return list<float> K/S by band */
    private static function absorbed(Spectrum $look): array
    {
        return array_map(static function (float $r): float {
            $r = max(1e-4, $r);

            return (1.0 - $r) ** 2 / (2.0 * $r);
        }, Saunderson::inside($look->onGrid()->values));
    }
}
