<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Open leather, dyed through. */
final class Aniline extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'aniline',
            sign: Message::of('dyed through, no film; a drop of water sinks in within a minute and darkens it'),
            properties: [Property::IsLeather, Property::TakesCream, Property::LosesColourToSolvent, Property::AsksForTrial, Property::TakesMirror],
            shows: [
                'T-1' => [0.981, 0.016, 0.003],
                'T-2' => [0.006, 0.343, 0.651],
                'T-3' => [0.965, 0.008, 0.027],
                'T-4' => [0.978, 0.003, 0.004, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.009, 0.931, 0.06],
                'T-6' => [0.982, 0.012, 0.003, 0.003],
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
            risk: Message::of(
                'The {parts} {is|are} open leather without a film: water and cream can darken {it|them}. We try everything on a hidden place first.',
            ),
        );
    }
}
