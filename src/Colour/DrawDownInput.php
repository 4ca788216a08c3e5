<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class DrawDownInput
{
    /**
     * @param list<float> $white     bare, 31 bands
     * @param list<float> $black     bare
     * @param list<float> $overWhite
     * @param list<float> $overBlack
     * @param bool        $keep      put it on the shelf, not only look at the fit
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Give the paint a name.'), Assert\Length(max: 80, maxMessage: 'Keep the name under 80 letters.')]
        public string $name,
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'The dry film is between 1 and 1000 µm.')]
        public float $dryUm,
        public array $white,
        public array $black,
        public array $overWhite,
        public array $overBlack,
        public bool $keep = false,
        #[Assert\Range(min: 0, max: 5000, notInRangeMessage: 'Between 0 and 5000 ml.')]
        public float $leftMl = 50.0,
    ) {
    }
}
