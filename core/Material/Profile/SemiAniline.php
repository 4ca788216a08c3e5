<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Dyed leather under a thin film. */
final class SemiAniline extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'semi-aniline',
            sign: Message::of('dyed under a thin film; a drop takes two to ten minutes'),
            properties: [Property::IsLeather, Property::HasFilm, Property::TakesCream, Property::TakesMirror],
            shows: [
                'T-1' => [0.008, 0.98, 0.012],
                'T-2' => [0.003, 0.021, 0.976],
                'T-3' => [0.243, 0.01, 0.747],
                'T-4' => [0.936, 0.003, 0.046, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.896, 0.086, 0.018],
                'T-6' => [0.961, 0.033, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.32, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerCream, 3 => F::CleanerNeutral, 4 => F::FoamCleaner],
            creamFor: [FindingKind::OldPolish],
            colour: F::Paint,
            food: F::Conditioner,
            risk: Message::of('The film on the {parts} is thin; a stubborn stain may take some of it along.'),
        );
    }
}
