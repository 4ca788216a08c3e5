<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** A field of the workshop's card, in mm. */
final readonly class CardFieldView
{
    /**
     * @param string $printed its colour on paper
     * @param string $painted the name of the tube that it is painted from instead
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $printed,
        public string $painted,
    ) {
    }
}
