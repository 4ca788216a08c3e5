<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Step;

/** Where in the workshop a step is done. */
enum Station: string
{
    case Bench = 'bench';
    case Booth = 'booth';
    case Sink = 'sink';
    case Lamp = 'lamp';

    public static function for(Step $step): self
    {
        return match (true) {
            FamilyId::LiningSpray !== $step->family && $step->applicator->sprays() => self::Booth,
            FamilyId::Repellent === $step->family => self::Booth,
            FamilyId::Wash === $step->family, FamilyId::FoamCleaner === $step->family && Applicator::None === $step->applicator => self::Sink,
            FamilyId::Peroxide === $step->family => self::Lamp,
            default => self::Bench,
        };
    }
}
