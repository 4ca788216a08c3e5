<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\Applicator;
use Symfony\Component\Validator\Constraints as Assert;

/** A rung of the ladder, or several, for parts of a piece. */
final readonly class DyeChoiceInput
{
    /**
     * @param list<PartName>  $parts
     * @param list<WashInput> $washes from light to deep; none to leave it to the plan again
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 30, minMessage: 'Say which part.', maxMessage: 'No more than 30 parts.')]
        public array $parts,
        #[Assert\Count(max: 3, maxMessage: 'Three washes are plenty.'), Assert\Valid]
        public array $washes,
        public Applicator $applicator = Applicator::Cloth,
    ) {
    }
}
