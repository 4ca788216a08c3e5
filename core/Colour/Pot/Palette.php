<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;

/** The paints at hand: what each is called, and how much of it is left. */
final readonly class Palette
{
    /** Luminance over black ÷ over white from which on a coat counts as hiding. */
    private const HIDES = 0.9;

    /**
     * @param array<string, Paint>  $paints by id, clear binder among them where there is some
     * @param array<string, string> $names  by id
     * @param array<string, float>  $leftMl by id
     */
    public function __construct(public array $paints, private array $names, private array $leftMl)
    {
    }

    /** The same shelf with some paints left standing. */
    public function without(string ...$ids): self
    {
        return new self(array_diff_key($this->paints, array_flip($ids)), $this->names, $this->leftMl);
    }

    public function name(string $paint): string
    {
        return $this->names[$paint] ?? $paint;
    }

    /**
     * @param array<string, int> $drops by paint
     *
     * @return array<string, int> in the order of the shelf
     */
    public function ordered(array $drops): array
    {
        return array_intersect_key(array_replace(array_fill_keys(array_keys($this->paints), 0), $drops), $drops);
    }

    /**
     * “12 sand + 3 brick”.
     *
     * @param array<string, int> $drops by paint
     */
    public function words(array $drops): string
    {
        $ordered = $this->ordered($drops);

        return implode(' + ', array_map(fn (string $paint, int $n): string => $n.' '.$this->name($paint), array_keys($ordered), $ordered));
    }

    /**
     * Colours of which there is enough to be worth mixing from; binder is none.
     *
     * @return list<Paint>
     */
    public function colours(float $leastMl): array
    {
        return array_values(array_filter(
            $this->paints,
            fn (Paint $p): bool => Paint::CLEAR_BINDER !== $p->id && ($this->leftMl[$p->id] ?? 0.0) >= $leastMl,
        ));
    }

    /** The palest paint stands for white. */
    public function white(): ?Paint
    {
        $white = null;
        $palest = 0.0;
        foreach ($this->colours(0.0) as $paint) {
            $lightness = self::tone($paint)->lightness;
            if ($lightness > $palest) {
                [$white, $palest] = [$paint, $lightness];
            }
        }

        return $white;
    }

    /** The paint that hides in one coat and whose tone is nearest to a colour. */
    public function nearest(Lab $colour, float $leastMl): ?Paint
    {
        $near = null;
        $least = \INF;
        foreach ($this->colours($leastMl) as $paint) {
            $dE = Difference::ciede2000($colour, self::tone($paint));
            if ($dE < $least && self::alone($paint)->contrastRatio(1.0, Light::daylight()) > self::HIDES) {
                [$near, $least] = [$paint, $dE];
            }
        }

        return $near;
    }

    private static function tone(Paint $paint): Lab
    {
        return Light::daylight()->lab(self::alone($paint)->look());
    }

    private static function alone(Paint $paint): Mixture
    {
        return Mixture::of([$paint->id => $paint], [$paint->id => 1]);
    }
}
