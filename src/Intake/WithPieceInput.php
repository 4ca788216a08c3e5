<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** What is known of a piece as it is taken in. */
final readonly class WithPieceInput
{
    /** @param list<NewColourInput> $newColours of a recolour */
    public function __construct(
        /** made like this one, which was here before */
        public ?int $like = null,
        /** a usual job: it is planned at once */
        public ?int $job = null,
        #[Assert\Count(max: 8, maxMessage: 'Eight colours on a piece are plenty.'), Assert\Valid]
        public array $newColours = [],
    ) {
    }
}
