<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\FamilyId;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that darkens was laid. */
final readonly class SettlingInput
{
    public function __construct(
        public Half $half,
        public PartName $part,
        public FamilyId $family,
        #[Assert\Range(min: 0, max: 2880, notInRangeMessage: 'That was within the last two days, or it has settled by now.')]
        public int $minutesAgo = 0,
        #[Assert\Length(max: 40)]
        public ?string $dye = null,
        /** the reading before it; null for the last one of the place, or of the other half */
        public ?int $before = null,
    ) {
    }
}
