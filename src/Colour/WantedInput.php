<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Job\PlaceInput;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\Validator\Constraints as Assert;

/** The colour that parts are to have: a family of colours, as another place or a pot is, or a colour that was read, pictured or typed. */
final readonly class WantedInput
{
    /**
     * @param list<PlaceInput>  $places   that are to have it
     * @param int|null          $reading  as this one is
     * @param int|null          $pot      as this one dries, under its finish
     * @param list<list<float>> $measured spectra of 31 bands
     * @param list<list<float>> $labs     L*, a*, b* where there is no spectrum
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 60, minMessage: 'Say which parts are to have it.', maxMessage: 'No more than 60 places.')]
        public array $places,
        public ?Shade $shade = null,
        public ?int $reading = null,
        public ?int $pot = null,
        public array $measured = [],
        public array $labs = [],
        public ReadingSource $source = ReadingSource::Typed,
        public Gloss $gloss = Gloss::Satin,
        #[Assert\Length(max: 120, maxMessage: 'Keep it under 120 letters.')]
        public string $whereabouts = '',
        public ?float $doubt = null,
    ) {
    }
}
