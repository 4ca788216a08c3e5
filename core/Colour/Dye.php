<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** A transparent dye: what one unit coat at full strength adds to the internal K/S of the leather, on the 31 bands of the grid. */
final readonly class Dye
{
    /** @param list<float> $k */
    private function __construct(public string $id, public array $k)
    {
    }

    /**
     * @param list<float> $k
     *
     * @throws ColourError
     */
    public static function of(string $id, array $k): self
    {
        // A dye is a paint that does not scatter.
        return new self($id, Paint::of($id, $k, array_fill(0, Spectrum::BANDS, 0.0))->absorption);
    }
}
