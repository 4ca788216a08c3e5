<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Saunderson;
use KindHeel\Core\Colour\Spectrum;

/** How the colour will lie: opaque, or so thick over a ground. */
final readonly class Layer
{
    /** @param list<float>|null $inside internal reflectance of the ground */
    private function __construct(public ?Spectrum $ground, public ?float $thickness, public ?array $inside)
    {
    }

    public static function opaque(): self
    {
        return new self(null, null, null);
    }

    /** @param float $thickness in coats of 20 µm dry */
    public static function over(Spectrum $ground, float $thickness): self
    {
        return new self($ground, $thickness, Saunderson::inside($ground->onGrid()->values));
    }
}
