<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Cut edge of a leather sole. */
final class LeatherEdge extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('leather edge'),
            sign: Message::of('cut edge of the sole, stained and dressed'),
            properties: [Property::IsLeather, Property::IsEdge, Property::IsStructure, Property::TakesMirror],
            shows: [
                'T-1' => [0.889, 0.102, 0.009],
                'T-2' => [0.02, 0.188, 0.792],
                'T-3' => [0.453, 0.021, 0.526],
                'T-4' => [0.703, 0.005, 0.267, 0.005, 0.005, 0.005, 0.005, 0.005],
                'T-5' => [0.157, 0.566, 0.277],
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
