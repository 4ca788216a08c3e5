<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Leather whose shade lies in stain and polish. */
final class Burnished extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'burnished',
            sign: Message::of('hand-stained and polished to shade; a drop takes one to five minutes'),
            properties: [Property::IsLeather, Property::TakesCream, Property::LosesColourToSolvent, Property::AsksForTrial, Property::TakesMirror],
            shows: [
                'T-1' => [0.033, 0.962, 0.005],
                'T-2' => [0.014, 0.854, 0.132],
                'T-3' => [0.889, 0.009, 0.102],
                'T-4' => [0.97, 0.003, 0.012, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.008, 0.984, 0.008],
                'T-6' => [0.021, 0.973, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.1, 'T-2' => 0.03, 'T-3' => 0.12, 'T-4' => 0.01, 'T-5' => 1.0, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerCream, 3 => F::CleanerNeutral],
            creamFor: [FindingKind::OldPolish, FindingKind::WaxBuildUp],
            colour: F::DyeSpirit,
            food: F::Conditioner,
            risk: Message::of('The shade of the {parts} lies in the polish: cleaning can leave a paler spot that has to be built up again.'),
        );
    }
}
