<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Oiled or waxed leather that pulls up. */
final class Waxy extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('waxy or pull-up'),
            sign: Message::of('oiled or waxed, no film; a nail leaves a bright mark that warms away'),
            properties: [Property::IsLeather, Property::TakesCream, Property::TakesOil],
            shows: [
                'T-1' => [0.009, 0.889, 0.102],
                'T-2' => [0.014, 0.142, 0.844],
                'T-3' => [0.004, 0.993, 0.003],
                'T-4' => [0.97, 0.003, 0.012, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.015, 0.521, 0.464],
                'T-6' => [0.973, 0.021, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.5, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerNeutral, 3 => F::Soap],
            colour: F::DyeSpirit,
            food: F::Conditioner,
            risk: Message::of('The {parts} will look darker and more even for a while; the pull-up comes back with wear.'),
        );
    }
}
