<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Heavy leather worn flesh side out. */
final class RoughOut extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'rough-out',
            sign: Message::of('heavy split worn flesh side out'),
            properties: [Property::IsLeather, Property::IsNapped],
            shows: [
                'T-1' => [0.075, 0.92, 0.005],
                'T-2' => [0.157, 0.277, 0.566],
                'T-3' => [0.016, 0.005, 0.979],
                'T-4' => [0.003, 0.003, 0.003, 0.003, 0.97, 0.012, 0.003, 0.003],
                'T-5' => [0.006, 0.317, 0.677],
                'T-6' => [0.954, 0.013, 0.003, 0.03],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerNeutral, 3 => F::Soap],
            colour: F::DyeWater,
            food: null,
            risk: null,
        );
    }
}
