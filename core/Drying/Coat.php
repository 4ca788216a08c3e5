<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** One coat as it was laid; the factors are 1 for a thin coat of a product that behaves as its family does. */
final readonly class Coat
{
    public function __construct(
        public DryingProfile $profile,
        public \DateTimeImmutable $laidAt,
        public float $thicknessFactor = 1.0,
        public float $learnedFactor = 1.0,
    ) {
        if (!($thicknessFactor > 0.0) || !($learnedFactor > 0.0)) {
            throw new \DomainException(Message::of('factors must be above 0'));
        }
    }

    /** Minutes at rate 1 that this coat needs to reach a stage; null where there is no such limit. */
    public function work(Stage $stage): ?float
    {
        $minutes = $this->profile->minutes($stage);

        return null === $minutes ? null : $minutes * $this->learnedFactor * $this->thicknessFactor ** $this->profile->thicknessExponent;
    }
}
