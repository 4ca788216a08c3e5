<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Heel of stacked leather. */
final class LeatherStack extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('stacked leather'),
            sign: Message::of('layers show on the edge; end grain drinks and darkens'),
            properties: [Property::IsLeather, Property::IsEdge, Property::IsStructure, Property::TakesMirror],
            shows: [
                'T-1' => [0.971, 0.026, 0.003],
                'T-2' => [0.02, 0.188, 0.792],
                'T-3' => [0.453, 0.021, 0.526],
                'T-4' => [0.703, 0.005, 0.267, 0.005, 0.005, 0.005, 0.005, 0.005],
                'T-5' => [0.057, 0.545, 0.398],
                'T-6' => [0.264, 0.664, 0.003, 0.069],
                'T-10' => [0.992, 0.008],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::YellowedLeather, FindingKind::YellowedRubber, FindingKind::DarkHandling, FindingKind::Peeling,
                FindingKind::LiftedScales, FindingKind::FlatNap,
            ],
            cleaners: [],
            colour: null,
            food: F::Conditioner,
            risk: null,
        );
    }
}
