<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** The workshop's card, to be printed: a frame on white paper, and fields in it; all in mm from the upper left corner of the frame. */
final readonly class CardView
{
    /**
     * @param float               $paper  left white outside the frame
     * @param list<CardFieldView> $fields row by row
     */
    public function __construct(public float $width, public float $height, public float $paper, public float $frame, public array $fields)
    {
    }
}
