<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use Symfony\Component\Validator\Constraints as Assert;

/** What was tapped on a picture: the corners of the card, and round a part, round a mark, or along a length; in pixels of the picture. */
final readonly class MeasureInput
{
    /**
     * @param list<list<float>> $card    its four corners, round it, the long side first
     * @param list<list<float>> $outline round what is measured; two points are a length
     */
    public function __construct(
        public int $version,
        public int $picture,
        #[Assert\Count(exactly: 4, exactMessage: 'The card has four corners.')]
        public array $card,
        #[Assert\Count(min: 2, max: 400, minMessage: 'A length has two ends.', maxMessage: 'That is more than anybody taps.')]
        public array $outline,
        /** it is kept for this part; without one it is only looked at */
        public ?PartName $part = null,
        public ?Half $half = null,
        /** it is kept for this finding */
        public ?int $finding = null,
    ) {
    }
}
