<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/**
 * Dye on a leather: every let-down × coats on this ground, the washes that come nearest to a target, and what no dye can do there.
 *
 * Dye only takes light away, so a band where the ground sends back less than the target stays too dark for ever.
 */
final readonly class DyeLadder
{
    /** Parts of thinner to one of dye. */
    public const LET_DOWNS = [0, 1, 3, 7];
    public const COATS = [1, 2, 3];
    private const FIRSTS = 6;
    private const OFFERED = 5;
    /** Lighter by this and no dye will bring it. */
    private const TOO_DARK_L = 1.0;
    private const BANDS_OF = ['blue' => [0, 9], 'green' => [10, 18], 'red' => [19, 30]];
    private const MISSING_SHARE = 0.9;

    /**
     * @param float          $factor of the applicator
     * @param DyeFinish|null $finish under which it is compared with a target; null where it stays bare
     */
    public function __construct(private Spectrum $leather, private float $factor, private Light $light, private ?DyeFinish $finish = null)
    {
    }

    /** @return list<array{DyeWash, Spectrum}> the let-downs, each with its coats */
    public function of(Dye $dye): array
    {
        $rungs = [];
        foreach (self::LET_DOWNS as $thinner) {
            foreach (self::COATS as $coats) {
                $wash = new DyeWash($dye, $thinner, $coats);
                $rungs[] = [$wash, $this->look($wash)];
            }
        }

        return $rungs;
    }

    public function look(DyeWash ...$washes): Spectrum
    {
        return DyedLeather::look($this->leather, $this->layers(...$washes));
    }

    /** The same, under the finish. */
    public function finished(DyeWash ...$washes): Spectrum
    {
        return $this->under($this->look(...$washes), ...$washes);
    }

    /** @return list<array{Dye, float}> */
    private function layers(DyeWash ...$washes): array
    {
        return array_map(fn (DyeWash $w): array => [$w->dye, $w->uptake($this->factor)], array_values($washes));
    }

    private function under(Spectrum $dry, DyeWash ...$washes): Spectrum
    {
        return $this->finish?->over($dry, $this->layers(...$washes)) ?? $dry;
    }

    /**
     * @param list<Dye> $dyes
     *
     * @return list<DyeMatch> nearest first, with one dye or two
     */
    public function nearest(Lab $target, array $dyes): array
    {
        $found = [];
        $byDye = [];
        foreach ($dyes as $n => $dye) {
            foreach ($this->of($dye) as [$wash, $look]) {
                $match = new DyeMatch([$wash], $look, $this->difference($target, $look, $wash));
                $found[] = $match;
                if (!isset($byDye[$n]) || $match->dE00 < $byDye[$n]->dE00) {
                    $byDye[$n] = $match;
                }
            }
        }
        uasort($byDye, static fn (DyeMatch $a, DyeMatch $b): int => $a->dE00 <=> $b->dE00);
        foreach (\array_slice(array_keys($byDye), 0, self::FIRSTS) as $first) {
            foreach ($dyes as $second => $dye) {
                if ($second === $first) {
                    continue;
                }
                $best = null;
                foreach ($this->of($dyes[$first]) as [$one, $under]) {
                    foreach (self::LET_DOWNS as $thinner) {
                        $other = new DyeWash($dye, $thinner, 1);
                        $look = DyedLeather::look($under, [[$dye, $other->uptake($this->factor)]]);
                        $dE = $this->difference($target, $look, $one, $other);
                        if (null === $best || $dE < $best->dE00) {
                            $best = new DyeMatch([$one, $other], $look, $dE);
                        }
                    }
                }
                if (null !== $best) {
                    $found[] = $best;
                }
            }
        }
        usort($found, static fn (DyeMatch $a, DyeMatch $b): int => [round($a->dE00, 1), \count($a->washes)] <=> [round($b->dE00, 1), \count($b->washes)]);
        $offered = [];
        foreach ($found as $match) {
            // The order of two transparent dyes makes no difference to the colour.
            $ids = array_map(static fn (DyeWash $w): string => $w->dye->id, $match->washes);
            sort($ids);
            $offered[implode(' ', $ids)] ??= $match;
            if (\count($offered) >= self::OFFERED) {
                break;
            }
        }

        return array_values($offered);
    }

    /** What can never be reached on this ground, in a sentence; null when nothing stands in the way. */
    public function never(Spectrum $target): ?string
    {
        $bare = $this->under($this->leather);
        $ground = $this->light->lab($bare);
        $aim = $this->light->lab($target);
        $missing = [];
        foreach (self::BANDS_OF as $name => [$from, $to]) {
            $sum = static fn (Spectrum $s): float => array_sum(\array_slice($s->onGrid()->values, $from, $to - $from + 1));
            if ($sum($bare) < self::MISSING_SHARE * $sum($target)) {
                $missing[] = $name;
            }
        }

        return match (true) {
            $ground->lightness < $aim->lightness - self::TOO_DARK_L => Message::of(
                'The ground is darker than the target, and dye only goes deeper: lighten the ',
            )
                .Message::of('ground, or cover it with paint.'),
            [] !== $missing => Message::of(
                'The ground already swallows the %s that the target sends back: no dye brings it back.',
                implode(Message::of(' and the '), $missing),
            ),
            default => null,
        };
    }

    private function difference(Lab $target, Spectrum $look, DyeWash ...$washes): float
    {
        return Difference::ciede2000($target, $this->light->lab($this->under($look, ...$washes)));
    }
}
