<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Gloss;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class ReadingInput
{
    /**
     * @param list<list<float>> $measured spectra of 31 bands
     * @param list<list<float>> $labs     L*, a*, b* where there is no spectrum
     */
    public function __construct(
        public Half $half,
        public PartName $part,
        public ReadSpot $spot,
        public ReadingSource $source,
        public array $measured = [],
        public array $labs = [],
        public Gloss $gloss = Gloss::Satin,
        #[Assert\Length(max: 120, maxMessage: 'Keep it under 120 letters.')]
        public string $whereabouts = '',
        public ?float $doubt = null,
    ) {
    }
}
