<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** Where the card and the leather are in a picture, as shares of its width and height. */
final readonly class PictureColourInput
{
    /**
     * @param list<float>       $at      the leather
     * @param list<float>|null  $grey    the grey card
     * @param list<list<float>> $card    the fields of the workshop's card, in their order
     * @param bool              $printed they were printed; else they were painted from the workshop's tubes
     */
    public function __construct(
        public array $at,
        public ?array $grey = null,
        public array $card = [],
        public bool $printed = false,
    ) {
    }
}
