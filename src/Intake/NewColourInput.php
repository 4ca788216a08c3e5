<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\Validator\Constraints as Assert;

/** A colour that a recolour is to bring, as it is said at the counter: “navy, toes ivory”. */
final readonly class NewColourInput
{
    /** @param list<PartName> $parts on all halves; none for all of the outside that no other colour is said for */
    public function __construct(
        public Shade $shade,
        #[Assert\Count(max: 30, maxMessage: 'No more than 30 parts.')]
        public array $parts = [],
    ) {
    }
}
