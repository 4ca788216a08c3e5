<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that is wrong, wherever it is. */
final readonly class FindingInput
{
    public function __construct(
        public FindingKind $kind,
        #[Assert\Range(notInRangeMessage: 'Severity goes from 0 to 4.', min: 0, max: 4)]
        public int $severity,
        #[Assert\PositiveOrZero(message: 'A length is not negative.')]
        public ?float $lengthMm = null,
        #[Assert\PositiveOrZero(message: 'A width is not negative.')]
        public ?float $widthMm = null,
        #[Assert\PositiveOrZero(message: 'A depth is not negative.')]
        public ?float $depthMm = null,
        #[Assert\Range(notInRangeMessage: 'A share lies between 0 and 1.', min: 0, max: 1)]
        public ?float $share = null,
    ) {
    }

    public function at(Place $place): Finding
    {
        return new Finding($place, $this->kind, Severity::from($this->severity), $this->lengthMm, $this->widthMm, $this->depthMm, $this->share);
    }
}
