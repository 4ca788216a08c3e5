<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** The card as it was found in a picture. */
final readonly class CardFoundView
{
    /**
     * @param list<list<float>> $fields  the middles of its twelve fields in their order, as shares of width and height
     * @param bool              $printed its fields were printed; else they were painted from the workshop's tubes
     */
    public function __construct(public array $fields, public bool $printed, public float $doubt, public string $sentence)
    {
    }
}
